export default {
  name: 'Encuentra el número',
  say: '¿Dónde está el {n}?',
  avoid: 'No mires la tarjeta buena ni leas las otras en voz alta.',
  childDoes: 'encuentra una cifra entre otras',
  also: 'las cuatro tarjetas de la pantalla, o las tuyas: hay parecidas entre ellas',
  easier: 'tarjetas que no se parecen en nada',
  harder: 'seis y nueve, dos y cinco, doce y veintiuno',
  otherThings: 'Tapas con número, pinzas en una cuerda, números de tiza donde saltar.',
  routine: {
    wholeGroup: 'Números de tiza en el suelo: se salta al que se dice.',
    smallGroup: 'Tarjetas en abanico; se entrega la que se pide.',
    freeTable: 'Tapas con número para frascos con número.',
  },
  sheet: 'cuál se pidió y cuál cogió',
  home: '¿Dónde está el cuatro? En el reloj, en el buzón.',
};
