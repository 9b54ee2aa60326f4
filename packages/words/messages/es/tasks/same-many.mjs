export default {
  name: 'Hacer otros tantos',
  say: 'Mira estos. Haz otros tantos con los demás.',
  avoid: 'No digas ningún número, y deja el primer conjunto donde está.',
  childDoes: 'hace otros tantos con otras cosas; vuelve a empezar, o añade y quita',
  setOut: 'en un montón, y delante una fila de los otros para mirar',
  easier: 'un sitio para cada uno, para que baste emparejar',
  harder: 'el primer conjunto tapado después de mirar',
  otherThings: 'Tantas conchas como palmadas, tantos barcos como peques hay aquí.',
  routine: {
    wholeGroup: 'Tantas sillas como peques: traedlas de una vez.',
    smallGroup: 'Cada uno hace un plato igual al del siguiente.',
    freeTable: 'Dos cestos, y platos de dos en dos.',
  },
  sheet: 'los dos conjuntos, y si volvió a empezar o lo arregló',
  home: 'Tantas cucharas como cuencos.',
};
