export default {
  name: '¿Cuántos hay bajo el paño?',
  say: 'Había {from}. Algunos están escondidos. ¿Cuántos hay bajo el paño?',
  avoid: 'No levantes una esquina ni señales el hueco.',
  childDoes: 've una parte de un número y dice cuántos están tapados',
  setOut: 'en fila, contados juntos; después tapa {makes} con un paño',
  also: 'un paño',
  easier: 'dos o tres en total, uno tapado',
  harder: 'en un marco, como dos cuatros, con las casillas vacías a la vista',
  otherThings: 'Conchas bajo una taza.',
  routine: {
    wholeGroup: '¿Qué falta? Cinco en la bandeja, un paño, una mirada.',
    smallGroup: 'Por turnos, tapando algunos.',
    freeTable: 'Un paño, una bandeja y tarjetas del dos al seis.',
  },
  sheet: 'en total, a la vista y lo que dijo el niño',
  home: 'Seis galletas, un trapo encima de algunas.',
};
