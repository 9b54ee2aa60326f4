export default {
  name: 'Sobre el cero del diez',
  say: 'Haz el {n} con la tarjeta del diez y una pequeña.',
  choosing: {
    question: '¿Qué salió?',
    options: {
      'made-it': 'la pequeña sobre el cero: se ve el número',
      'turned-round': 'las cifras al revés',
      'beside-the-zero': 'la pequeña al lado del diez',
      'another-number': 'otro número',
    },
  },
  avoid: 'No pongas tú la primera tarjeta. Di el número una vez, despacio.',
  childDoes: 'pone una tarjeta de unidades sobre el cero del diez',
  also: 'una tarjeta de diez y tarjetas del 1 al 9 de media anchura',
  easier: 'once y del dieciséis al diecinueve',
  harder: 'separarlo otra vez: ¿qué hay debajo del siete?',
  otherThings: 'Diez corchos en una tira y unos pocos más, junto a las tarjetas.',
  routine: {
    wholeGroup: 'Un diez grande en la pared: ¿quién tapa el cero?',
    smallGroup: 'Cada uno tiene un diez; las pequeñas, del montón.',
    freeTable: 'Tarjetas de diez, pequeñas y tiras de diez.',
  },
  sheet: 'el número y lo que salió',
  home: 'Escribe 10 y tapa el cero con un papel: ¿qué es ahora?',
};
