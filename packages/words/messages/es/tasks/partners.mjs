export default {
  name: 'Una pareja para cada uno',
  say: 'Dale a cada uno una pareja. ¿Sobra alguno?',
  choosing: {
    question: '¿Qué dijo?',
    options: {
      'all-paired': 'todos tienen pareja',
      'one-over': 'sobra uno',
    },
  },
  avoid: 'Primero mirar y notarlo; los nombres par e impar, después.',
  childDoes: 'pone las cosas de dos en dos y dice si sobra una',
  setOut: 'en un montón',
  easier: 'dos, tres y cuatro',
  harder: 'decirlo antes de emparejar, y por qué',
  otherThings: 'Botas, manoplas, peques en fila de dos en dos.',
  routine: {
    wholeGroup: 'De la mano hasta el canal: ¿alguien va solo?',
    smallGroup: 'Tarjetas del uno al diez en orden, con parejas de corchos debajo.',
    freeTable: 'Un montón de corchos y una tira para las parejas.',
  },
  sheet: 'cuántos eran, y si sobró uno',
  home: 'Calcetines de la colada: ¿todos tienen pareja?',
};
