export default {
  name: 'La fila más larga',
  say: '¿Dónde hay más?',
  choosing: {
    question: '¿Cuál eligió?',
    options: {
      'left-set': 'el de la izquierda',
      'right-set': 'el de la derecha',
    },
  },
  avoid: 'Ten las manos lejos de los extremos de las filas.',
  childDoes: 've dónde hay más cuando una fila es más larga',
  setOut: 'una fila al lado de la otra como en la pantalla; cuida lo larga que es cada una',
  easier: 'las dos filas desde el mismo extremo, cosa frente a cosa',
  harder: 'cosas de dos tamaños',
  otherThings: 'Una hilera de botas frente a otra muy junta.',
  adaptations: {
    vision: 'Dos cuerdas con cuentas fijas para recorrer con el dedo.',
    speech: 'Señalar es toda la respuesta.',
  },
  routine: {
    wholeGroup: 'Dos filas de niños: una se separa. ¿Ahora hay más?',
    smallGroup: 'Uno junta una fila y los demás juzgan.',
    freeTable: 'Dos cuerdas y un cuenco de tapas.',
  },
  sheet: 'las dos filas con su largo y cuál eligió',
  home: 'Guisantes en dos filas: junta una y vuelve a preguntar.',
};
