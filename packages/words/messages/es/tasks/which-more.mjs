export default {
  name: '¿Dónde hay más?',
  say: '¿Dónde hay más?',
  choosing: {
    question: '¿Cuál eligió?',
    options: {
      'left-set': 'el de la izquierda',
      'right-set': 'el de la derecha',
    },
  },
  avoid: 'Pregunta antes de que nadie cuente. No mires un grupo más que el otro.',
  childDoes: 'señala el grupo que tiene más',
  setOut: 'uno al lado del otro como en la pantalla, los dos desde el lado del peque',
  easier: 'dos y cinco, todos iguales',
  harder: 'uno menos en la fila más larga; pregunta dónde hay menos',
  otherThings: 'Tazas en dos bandejas, botas en dos estantes, hojas en dos cubos.',
  adaptations: {
    vision: 'Dos cajas bajas para tocar, una mano en cada una; cosas distintas al tacto.',
    speech: 'Señalar es toda la respuesta.',
  },
  routine: {
    wholeGroup: 'Dos cestas en el corro: las manos hacia la que tiene más.',
    smallGroup: 'Cada uno pone un par para que juzgue el siguiente.',
    freeTable: 'Dos tapetes y un cuenco de corchos.',
  },
  sheet: 'los dos grupos y cuál eligió',
  home: '¿A quién le quedan más guisantes?',
};
