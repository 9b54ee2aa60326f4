export default {
  name: 'Tarjetas en orden',
  say: 'Pon las tarjetas en orden.',
  ways: {
    'from-one': {
      name: 'desde 1',
    },
    gaps: {
      name: 'las que faltan',
      say: 'Faltan algunas. Ponlas en su sitio.',
    },
    'from-nought': {
      name: 'desde 0',
    },
  },
  avoid: 'No cuentes en voz alta mientras las pone.',
  childDoes: 'pone tarjetas de números en orden, o las que faltan',
  also: 'tarjetas de números mezcladas, como en la pantalla',
  easier: 'hasta cinco; o que falte una sola',
  harder: 'hasta veinte; desde 0; barajadas de nuevo',
  otherThings: 'Pinzas con número en una cuerda a la altura de la mesa, tapas, piedras de paso.',
  caution: 'Una cuerda con números nunca cuelga donde se pasa; marca los extremos y guárdala después.',
  routine: {
    wholeGroup: 'Cada uno lleva una tarjeta: poneos en orden.',
    smallGroup: 'Un mazo barajado, puesto por turnos.',
    freeTable: 'Pinzas y una cuerda sobre una tabla.',
  },
  sheet: 'la fila como quedó',
  home: 'Pon en orden estos sobres con número.',
};
