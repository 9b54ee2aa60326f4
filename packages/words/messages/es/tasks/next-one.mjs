export default {
  name: '¿Qué viene después?',
  say: '¿Qué viene justo después de {n}?',
  avoid: 'No empieces a contar por el niño.',
  childDoes: 'dice qué número viene después',
  easier: 'contar antes juntos hasta el número',
  harder: 'seguir contando desde él',
  otherThings: 'Una fila de tapas: se pone una más, ¿cuántas hay?',
  routine: {
    wholeGroup: 'Adivina el número escondido: viene justo después de este.',
    smallGroup: 'Cada uno dice el que sigue al de su vecino.',
    freeTable: 'Tarjetas con la siguiente boca abajo.',
  },
  sheet: 'el número y lo que dijo el niño',
  home: '¿Qué número tiene la casa siguiente?',
};
