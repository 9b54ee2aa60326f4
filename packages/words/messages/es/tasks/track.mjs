export default {
  name: 'Uno en cada casilla',
  say: 'Pon uno en cada casilla. ¿Hasta dónde llegan?',
  ways: {
    'leave-them': {
      name: 'se quedan ahí',
    },
    'take-away': {
      name: 'se quita cada uno al marcarlo',
      say: 'Marca una casilla por cada uno y devuélvelo a la bolsa.',
    },
  },
  avoid: 'No leas en voz alta el número impreso.',
  childDoes: 'pone una cosa en cada casilla del 1 al 10 y dice hasta dónde llegan',
  setOut: 'en un montón',
  also: 'una tira de diez casillas con número',
  easier: 'tres o cuatro',
  harder: 'más de cinco; sin los números impresos',
  otherThings: 'Una huevera cortada en dos tiras, escalones con número.',
  routine: {
    wholeGroup: 'Casillas grandes en el suelo, un niño en cada una.',
    smallGroup: 'Una tira cada uno y un puñado de la bolsa.',
    freeTable: 'Tiras y bolsas, a mano.',
  },
  sheet: 'una tira del 1 al 10',
  home: 'Un guisante en cada casilla: ¿hasta dónde llegan?',
};
