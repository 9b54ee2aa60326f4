export default {
  name: 'Escribe el número que digo',
  say: '¿Puedes escribir el {n}?',
  avoid: 'No lo dibujes en el aire, y quita la recta de la vista.',
  childDoes: 'escribe una cifra a partir de su nombre',
  also: 'la pantalla, o papel y lápiz',
  easier: 'al lado de un modelo',
  harder: 'del once al diecinueve',
  otherThings: 'Una pizarra, un menú para rellenar, billetes para el barco.',
  routine: {
    wholeGroup: 'Todos lo escriben en su pizarra y la levantan.',
    smallGroup: 'Uno dice un número, los otros lo escriben.',
    freeTable: 'Billetes, etiquetas de precios, una fila para numerar.',
  },
  sheet: 'una página vacía',
  home: 'Escribid juntos los números de la compra.',
};
