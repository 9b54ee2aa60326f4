export default {
  name: 'Escribe un número de dos cifras',
  say: '¿Puedes escribir el {n}?',
  avoid: 'No lo digas despacio por partes: «dieci … séis» se escribe como se oye.',
  childDoes: 'escribe un número del 10 al 20',
  also: 'la pantalla, o papel y lápiz',
  easier: 'formarlo antes con la tarjeta del diez y la de las unidades',
  harder: 'el 20 y más, jugando',
  otherThings: 'Billetes, números de casas, un calendario para rellenar.',
  routine: {
    wholeGroup: '¿Qué día es hoy? Uno escribe el número.',
    smallGroup: 'Grupos de diez y algunos más: escribe cuántos.',
    freeTable: 'Un calendario con días que faltan.',
  },
  sheet: 'una página vacía',
  home: 'Escribid la fecha de hoy en el calendario.',
};
