export default {
  name: 'Manos arriba',
  say: 'Cerrad los ojos y escuchad. ¿Cuántos han caído? Manos arriba por …',
  avoid: 'No mires a un niño ni digas más fuerte el número bueno.',
  childDoes: 'oye caer cosas en una lata y levanta la mano por uno de unos pocos números',
  setOut: 'en tu mano junto a una lata',
  also: 'una lata en la que no se vea',
  easier: 'dos números muy distintos',
  harder: 'tres números seguidos',
  otherThings: 'Golpes de tambor, palmadas a la espalda.',
  routine: {
    wholeGroup: 'Todo el corro, ojos cerrados, una lata.',
    smallGroup: 'Cada uno enseña el número con los dedos.',
    freeTable: 'Una lata, corchos y tarjetas de números al lado.',
  },
  sheet: 'una mano por cada número, y cuántos había',
  home: 'Macarrones en una olla, ojos cerrados: ¿cuántos?',
};
