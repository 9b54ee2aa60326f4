export default {
  name: 'Contar lo esparcido',
  say: 'Cuéntalos donde están. Toca cada uno y déjalo ahí.',
  avoid: 'No los pongas en fila ni señales por dónde empezar.',
  childDoes: 'cuenta cosas esparcidas que no se pueden mover',
  setOut: 'esparcidos como en la pantalla, sin tocarse',
  easier: 'el mismo número en fila',
  harder: 'un círculo: sin principio ni fin',
  otherThings: 'Hojas pegadas en un papel; conchas hundidas en arena.',
  routine: {
    wholeGroup: 'Patos en el agua, vistos por la ventana: ¿ese ya lo contamos?',
    smallGroup: 'Cada peque busca una manera de no perder la cuenta y la enseña.',
    freeTable: 'Papeles con hojas pegadas y un bote de tapas para cubrir cada una.',
  },
  sheet: 'lo esparcido, con el orden en que se tocó',
  home: 'Migas en la mesa antes de limpiarlas.',
};
