export default {
  name: 'Contar apartando cada uno',
  say: 'Cuéntalos, y al contar pon cada uno aquí.',
  avoid: 'Enseña el sitio con la mano abierta. No muevas ninguno.',
  childDoes: 'cuenta apartando cada uno',
  setOut: 'en un montón suelto, con sitio al lado',
  easier: 'se los das de uno en uno, una palabra por cada uno',
  harder: 'el mismo número en fila, tocados pero sin mover',
  otherThings: 'Tapas de tarro en vez de cúpulas; cosas que ruedan, en una bandeja con borde.',
  routine: {
    wholeGroup: 'Descargar la barcaza: cada caja contada al llegar a la orilla.',
    smallGroup: 'Contar los platos de la merienda al pasarlos por la mesa.',
    freeTable: 'Una bandeja con una línea en medio y un cesto de cosas.',
  },
  sheet: 'dos campos, por hacer y hecho, con las palabras',
  home: 'Patatas de la bolsa a la olla.',
};
