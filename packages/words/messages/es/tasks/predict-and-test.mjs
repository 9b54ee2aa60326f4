export default {
  name: 'Primero piensa, luego comprueba',
  say: '¿Dónde crees que hay más? Solo mirando.',
  again: {
    setOut: 'los dos en fila desde el mismo lado, uno frente a otro',
    say: 'Ahora vamos a verlo. ¿Dónde hay más?',
  },
  choosing: {
    question: '¿Cuál eligió?',
    options: {
      'left-set': 'el de la izquierda',
      'right-set': 'el de la derecha',
    },
  },
  avoid: 'Que lo diga antes de mover nada. Cambiar de idea vale tanto como acertar.',
  childDoes: 'dice mirando dónde hay más y luego lo comprueba poniéndolos en fila',
  setOut: 'uno al lado del otro como en la pantalla, los dos desde el lado del peque',
  easier: 'dos y cinco',
  harder: 'con uno solo de diferencia',
  otherThings: 'Botas junto a dos paredes, tazas en dos bandejas.',
  routine: {
    wholeGroup: 'Dos cestas: manos para decir qué creen, y luego una fila en el suelo.',
    smallGroup: 'Uno lo dice, el siguiente los pone en fila.',
    freeTable: 'Dos tapetes, un cuenco de corchos y una cuerda para alinearlos.',
  },
  sheet: 'lo que pensó y lo que encontró',
  home: '¿En qué bolsa hay más manzanas? Primero mirad y luego ponedlas en fila.',
};
