export default {
  name: 'Grandes y pequeños',
  say: '¿Dónde hay más?',
  choosing: {
    question: '¿Cuál eligió?',
    options: {
      'left-set': 'el de la izquierda',
      'right-set': 'el de la derecha',
    },
  },
  avoid: 'No digas «más grande»: se pregunta cuántos.',
  childDoes: 've dónde hay más cuando un grupo tiene cosas más grandes',
  setOut: 'una fila al lado de la otra como en la pantalla, pequeños frente a grandes',
  easier: 'todos de un tamaño',
  harder: 'pregunta dónde hay menos',
  otherThings: 'Dos cubos frente a cinco cucharas, melones frente a ciruelas.',
  adaptations: {
    vision: 'Cosas grandes y pequeñas de tacto parecido, una mano en cada grupo.',
    speech: 'Señalar es toda la respuesta.',
  },
  routine: {
    wholeGroup: 'Tres adultos y seis peques: ¿quiénes son más?',
    smallGroup: 'Cada uno pone pocos grandes y muchos pequeños para el siguiente.',
    freeTable: 'Tapas grandes, cuencos pequeños y dos tapetes.',
  },
  sheet: 'los dos grupos y cuál eligió',
  home: 'Tres manzanas y seis uvas: ¿de qué hay más?',
};
