export default {
  name: 'Contar y escribir cuántos hay',
  say: 'Cuéntalos. Ahora escribe cuántos hay.',
  avoid: 'No repitas el número mientras escribe.',
  childDoes: 'cuenta y escribe el número',
  setOut: 'en fila',
  also: 'la pantalla, o papel y lápiz',
  easier: 'una tarjeta con el número en vez de escribirlo',
  harder: 'darse la vuelta antes de escribir',
  otherThings: 'Conchas en tarros con etiquetas para escribir.',
  routine: {
    wholeGroup: 'Contad las barcas del canal y escribidlo en el aire.',
    smallGroup: 'Cada uno cuenta un vaso lleno y escribe su etiqueta.',
    freeTable: 'Tarros, cosas para meter, etiquetas y lápices.',
  },
  sheet: 'una fila de dibujos y un hueco para escribir',
  home: 'Contad los huevos y escribid el número en la caja.',
};
