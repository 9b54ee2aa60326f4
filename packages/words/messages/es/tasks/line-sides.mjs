export default {
  name: '¿A qué lado del diez?',
  say: 'El diez está en medio. ¿A qué lado va el {n}?',
  ways: {
    side: {
      name: 'a qué lado',
    },
    'more-or-fewer': {
      name: 'más o menos',
      say: '¿El {n} es más que diez, o menos?',
    },
  },
  choosing: {
    question: '¿Dónde lo puso?',
    options: {
      'before-it': 'del lado de los números menores',
      'after-it': 'del lado de los números mayores',
    },
  },
  avoid: 'No señales a lo largo de la línea.',
  childDoes: 'pone números a su lado del medio de una línea',
  also: 'una línea con el diez marcado en medio, y la tarjeta',
  easier: 'números lejos del diez',
  harder: 'nueve y once; otro número en medio; sin ver la línea',
  otherThings: 'Una cuerda en el suelo con un corcho en el diez, escalones hacia arriba y abajo.',
  caution: 'Una cuerda en el suelo hace tropezar: márcala y guárdala después.',
  routine: {
    wholeGroup: 'El diez está en medio; cada uno va a su lado con su tarjeta.',
    smallGroup: 'Una tarjeta cada uno, por turnos, a un lado u otro.',
    freeTable: 'Una línea marcada y un mazo de tarjetas.',
  },
  sheet: 'el número y el lado',
  home: '¿El siete va antes o después del diez? Salta a su lado.',
};
