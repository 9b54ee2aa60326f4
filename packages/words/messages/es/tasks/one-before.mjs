export default {
  name: '¿Qué viene antes?',
  say: '¿Qué viene justo antes de {n}?',
  avoid: 'No cuentes hasta él por el niño.',
  childDoes: 'dice qué número viene antes',
  easier: 'con la recta de números a la vista',
  harder: 'contar atrás desde él',
  otherThings: 'Una fila de barcos: se va uno, ¿cuántos quedan?',
  routine: {
    wholeGroup: 'Adivina el número escondido: viene justo antes de este.',
    smallGroup: 'Por turnos, bajando los escalones.',
    freeTable: 'Tarjetas con la anterior boca abajo.',
  },
  sheet: 'el número y lo que dijo el niño',
  home: '¿Qué número tenía la casa anterior?',
};
