export default {
  name: '¿Dónde hay menos?',
  say: '{fewer, select, both {¿En cuál hay menos? ¿En cuál hay menor cantidad?} other {¿En cuál hay menos?}}',
  choosing: {
    question: '¿Cuál eligió?',
    options: {
      'left-set': 'el de la izquierda',
      'right-set': 'el de la derecha',
    },
  },
  avoid:
    '{fewer, select, both {No digas también “más”.} other {No digas además «más»: con una palabra basta.}}',
  childDoes: 'señala el grupo que tiene menos',
  setOut: 'uno al lado del otro como en la pantalla, los dos desde el lado del peque',
  easier: 'pregunta dónde hay más y luego dale la vuelta',
  harder: 'menos, pero cosas más grandes o una fila más larga',
  otherThings: 'Dos platos en la merienda, dos trenes de cajas, dos saltos de ranas.',
  adaptations: {
    vision: 'Dos cajas bajas para tocar, una mano en cada una; cosas distintas al tacto.',
    speech: 'Señalar es toda la respuesta.',
  },
  routine: {
    wholeGroup: 'Dos equipos en el barco: ¿cuál tiene menos y quién cambia?',
    smallGroup: 'Cada uno pone un par para que juzgue el siguiente.',
    freeTable: 'Dos tapetes, un cuenco de tapas y una tarjeta con un montón pequeño.',
  },
  sheet: 'los dos grupos y cuál eligió',
  home: '¿Qué plato tiene menos cortezas?',
};
