export default {
  name: 'Leer con los dedos',
  say: '¿Qué número es este?',
  avoid: 'No guíes el dedo si no lo habéis acordado, ni digas dónde está en la tarjeta.',
  childDoes: 'lee con los dedos una cifra en braille o en relieve',
  also: 'una tarjeta con {n} en braille o en relieve, en un marco que la sujete, con la esquina de arriba a la derecha cortada',
  easier: 'una sola cifra, tocando antes juntos el signo',
  harder: 'dos cifras; el otro código cuando este es seguro',
  otherThings: 'Botones del ascensor, números de puertas, las etiquetas del ropero.',
  routine: {
    wholeGroup: 'Todos tocan una tarjeta con los ojos cerrados: ¿qué hay?',
    smallGroup: 'Un mazo por turnos: se toca, se dice y se guarda.',
    freeTable: 'Tarjetas en una caja con tapa, con tantas cosas pegadas como dice cada una.',
  },
  sheet: 'qué cifras, en qué código, y qué dijo',
  home: 'Toca los botones del ascensor: ¿cuál es el tres?',
};
