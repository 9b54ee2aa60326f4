export default {
  name: '¿Siguen siendo los mismos?',
  say: '¿Cuántos hay?',
  again: {
    setOut: 'Sepáralos a la vista del peque.',
    say: '¿Y ahora cuántos hay?',
  },
  ways: {
    spread: {
      name: 'separados',
    },
    boxed: {
      name: 'en una caja',
      setOut: 'Tápalos con una caja mientras mira.',
    },
    ringed: {
      name: 'en círculo',
      setOut: 'Empújalos hasta formar un círculo mientras mira.',
    },
  },
  avoid: 'No añadas ni quites ninguno, y haz como si pudiera ser distinto.',
  childDoes: 'dice cuántos hay después de separarlos, taparlos o ponerlos en círculo',
  setOut: 'juntos, en fila',
  also: 'una caja sin tapa',
  easier: 'preguntado una sola vez, con tres',
  harder: 'tapados, para que no se puedan contar otra vez',
  otherThings: 'Aves del agua que se separan, peques que se sientan y se levantan.',
  adaptations: {
    vision: 'Las manos del peque notan cómo se separan, uno tras otro.',
  },
  routine: {
    wholeGroup: 'Cinco peques juntos y después separados: ¿seguimos siendo cinco?',
    smallGroup: 'Cada peque esconde las mismas conchas de otra manera.',
    freeTable: 'Cajas y paños con un puñado de corchos.',
  },
  sheet: 'primera respuesta, lo que se hizo, segunda respuesta',
  home: 'Guisantes en un plato, juntos y separados.',
};
