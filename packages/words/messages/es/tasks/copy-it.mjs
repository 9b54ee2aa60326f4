export default {
  name: 'Copiarlo',
  say: 'Aquí está el {n}. ¿Puedes escribir uno igual?',
  avoid: 'No lo escribas mientras te mira la mano: basta la tarjeta.',
  childDoes: 'escribe una cifra al lado de un modelo',
  also: 'la pantalla, o una tarjeta con el {n} al lado del papel, lejos de la mano que escribe',
  easier: 'repasarla antes',
  harder: 'sin modelo',
  otherThings: 'Lápices, pinceles, tiza.',
  routine: {
    wholeGroup: 'Una cifra del día para copiar en la puerta.',
    smallGroup: 'Cada uno copia para la tienda de otro.',
    freeTable: 'Tarjetas, papel y lápices.',
  },
  sheet: 'el modelo y un hueco vacío',
  home: 'Copiad el número de vuestra casa.',
};
