export default {
  name: 'Enséñalo con los dedos',
  say: 'Enséñame {n, plural, one {1 dedo} other {# dedos}}.',
  avoid: 'No lo enseñes con tus manos.',
  childDoes: 'enseña un número con los dedos, y luego uno más',
  easier: 'números de una mano',
  harder: 'dos manos, y luego uno más',
  otherThings: 'Guantes o huellas de manos.',
  routine: {
    wholeGroup: 'Dedos arriba, ojos cerrados: luego se mira alrededor.',
    smallGroup: 'Uno enseña, el siguiente enseña uno más.',
    freeTable: 'Huellas de manos y tarjetas.',
  },
  sheet: 'lo pedido, lo enseñado y cómo',
  home: '¿Cuántos años tienes? Enséñamelo. ¿Y el próximo cumpleaños?',
};
