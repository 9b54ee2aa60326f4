export default {
  name: 'Clasifica y haz la gráfica',
  say: 'Clasifícalos. ¿Cuántos hay de cada uno? ¿Y en total?',
  avoid: 'No sumes por el niño.',
  childDoes: 'clasifica, cuenta cada clase, comprueba que dan el total y dice cuál tiene más',
  setOut: 'en un montón',
  also: 'una alfombrilla por clase, una gráfica',
  easier: 'dos clases, cinco en total',
  harder: 'cuatro clases; leer la gráfica al día siguiente',
  otherThings: 'Abrigos por color, hojas por forma; una gráfica en relieve con una forma para cada clase.',
  routine: {
    wholeGroup: 'Todos en fila según sus botas: ¿qué fila es más larga?',
    smallGroup: 'Una bandeja mezclada entre todos, una clase cada uno.',
    freeTable: 'Una bandeja para clasificar y tiras de gráfica.',
  },
  sheet: 'una gráfica con una columna para cada clase',
  home: 'Clasifica los calcetines limpios: ¿cuántos de cada, y cuántos en total?',
};
