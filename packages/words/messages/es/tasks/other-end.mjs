export default {
  name: 'Desde el otro lado',
  say: 'Cuéntamelos, desde este lado.',
  thenSay: '¿Cuántos hay?',
  again: {
    setOut: 'Señala el otro lado.',
    say: 'Si empiezas por aquí, ¿cuántos habrá?',
  },
  ways: {
    'other-end': {
      name: 'desde el otro lado',
    },
    'this-is-one': {
      name: 'con uno del medio como «uno»',
      setOut: 'Señala uno del medio: «Que este sea el número uno».',
    },
  },
  avoid: 'Pregunta antes de que vuelva a contar.',
  childDoes: 'dice cuántos habrá desde el otro lado, o con este como uno',
  setOut: 'a un pulgar de distancia',
  easier: 'desde un solo lado',
  harder: 'uno del medio tiene que ser «uno»',
  otherThings: 'Escalones arriba y abajo, una cola desde el otro extremo.',
  routine: {
    wholeGroup: 'Contar la fila de peques desde delante y después desde atrás.',
    smallGroup: 'Dos peques cuentan una fila, cada uno desde su lado.',
    freeTable: 'Filas en tiras de cartón, para darles la vuelta.',
  },
  sheet: 'las dos respuestas, y si se volvió a contar',
  home: 'La escalera, hacia arriba y después hacia abajo.',
};
