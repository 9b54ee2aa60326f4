export default {
  name: 'De todas las maneras',
  say: '¿De cuántas maneras puedes hacer {n} con dos clases?',
  avoid: 'No preguntes por «ninguno y todos». Espera después de cada manera.',
  childDoes: 'encuentra las maneras de hacer un número con dos clases de cosas',
  setOut: 'en dos cuencos',
  easier: 'la parte que falta del mismo número',
  harder: 'en orden, uno más de esto y uno menos de aquello',
  otherThings: 'Bloques de dos colores, peques dentro y fuera de la caseta.',
  routine: {
    wholeGroup: 'Unos junto a la esclusa y otros junto a la puerta: ¿de qué otra manera?',
    smallGroup: 'Cada uno pone una manera que falta.',
    freeTable: 'Dos cuencos y una tira para cada manera.',
  },
  sheet: 'cada manera según salió; cuál no se encontró',
  home: 'Cinco en dos platos: ¿de cuántas maneras?',
};
