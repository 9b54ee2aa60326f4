export default {
  ways: {
    softly: 'suave',
    usual: 'normal',
    loudly: 'fuerte',
    light: 'luz, sin sonido',
  },
  dropping: 'Cayendo …',
  dropAgain: 'Que caigan otra vez',
  drop: 'Que caigan',
  how: 'Cómo avisa la lata',
};
