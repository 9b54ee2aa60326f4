export default {
  name: '¿El mismo número?',
  say: 'Mira las dos. ¿Es el mismo número, o no?',
  choosing: {
    question: '¿Qué dijo?',
    options: {
      'as-many': 'el mismo',
      'not-as-many': 'no es el mismo',
    },
  },
  avoid: 'Deja diez segundos tranquilos para pensar. Luego pregunta por qué.',
  childDoes: 'dice si dos grupos de casillas distintos tienen el mismo número',
  also: 'la pantalla girada hacia el peque, o dos tablas de casillas y corchos',
  easier: 'cuatro o cinco en cada una',
  harder: 'el peque enseña un número de una tercera manera',
  otherThings: 'Dos hueveras, una llena a lo largo y otra a lo ancho.',
  routine: {
    wholeGroup: 'Dos tablas en la pared: manos en la cabeza si es el mismo.',
    smallGroup: 'Explícaselo a Nutria: cree que la larga tiene que tener más.',
    freeTable: 'Parejas de tarjetas de casillas.',
  },
  sheet: 'las dos tablas, qué dijo y por qué',
  home: 'Seis como cinco y uno, o como tres veces dos: ¿lo mismo?',
};
