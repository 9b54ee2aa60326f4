export default {
  left: '{n, plural, one {queda 1 casilla} other {quedan # casillas}}',
  sure: 'Pon {n} ahora: haga lo que haga el niño, la última puede ser tuya.',
  noneSure: 'El niño puede ganar desde aquí, si te deja un múltiplo de {n}.',
  won: 'El marco está lleno.',
  place: 'Poner {n}',
  again: 'Vaciarlo',
  title: 'Para ti: cómo va el juego',
};
