export default {
  name: '¿Igual o no?',
  say: '¿Hay tantos aquí como allí, o uno tiene más?',
  choosing: {
    question: '¿Qué dijo?',
    options: {
      'left-set': 'más a la izquierda',
      'right-set': 'más a la derecha',
      'as-many': 'igual',
    },
  },
  avoid: 'No los alinees tú; si lo hace el peque, déjalo.',
  childDoes: 'dice si dos grupos son iguales, alineándolos si hace falta',
  setOut: 'uno al lado del otro como en la pantalla, los dos desde el lado del peque',
  easier: 'cada cosa de una fila toca una de la otra',
  harder: 'una fila más estirada',
  otherThings: 'Tazas y platillos, abrigos y perchas, barcos y amarres.',
  adaptations: {
    vision: 'Las dos filas en hueveras, un dedo de cada mano a la vez.',
    speech: 'Dos tarjetas: dos montones iguales y uno mayor.',
  },
  routine: {
    wholeGroup: '¿Tantos gorros como cabezas? Probadlo.',
    smallGroup: 'Dos filas desde el mismo extremo, uno a uno, y luego la pregunta.',
    freeTable: 'Una huevera de dos filas y dos cuencos.',
  },
  sheet: 'los dos grupos y lo que dijo',
  home: '¿Hay tantas cucharas como cuencos en la mesa?',
};
