export default {
  name: '¿Quién llena el marco?',
  say: 'Jugamos por turnos. Pon uno, dos o tres. Gana quien llena la última casilla.',
  avoid: 'No digas cuántos poner.',
  childDoes: 'juega a poner el último',
  setOut: 'en un plato junto a un marco vacío',
  also: 'un marco de {n}',
  easier: 'un marco de cinco',
  harder: 'un marco de veinte, o como mucho dos por turno',
  otherThings: 'Tapas en una huevera.',
  choosing: {
    question: '¿Qué hizo el niño hacia el final?',
    options: {
      'left-sure': 'te dejó un número con el que no podías ganar',
      'just-played': 'jugó sin mirar adelante',
    },
  },
  routine: {
    wholeGroup: 'Los niños contra Nutria en un marco grande.',
    smallGroup: 'Dos contra dos, tras unas partidas contigo.',
    freeTable: 'El marco, un plato, dos para jugar.',
  },
  sheet: 'cuántas quedaban antes de los últimos turnos',
  home: 'Diez pinzas en una cuerda, de una a tres por turno.',
};
