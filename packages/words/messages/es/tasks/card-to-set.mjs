export default {
  name: 'Una tarjeta para cada grupo',
  say: 'Dale a cada grupo su tarjeta.',
  avoid: 'No pongas tú ninguna. Si una está mal, déjala y pide que lo compruebe.',
  childDoes: 'pone la tarjeta del número con su grupo',
  also: 'cuatro grupos y una tarjeta para cada uno, como en la pantalla',
  easier: 'dos grupos con números muy distintos',
  harder: 'seis grupos, con números vecinos',
  otherThings: 'Barcas y amarres con número, frascos y tapas con número.',
  routine: {
    wholeGroup: 'Aros con cosas dentro: ¿quién trae la tarjeta?',
    smallGroup: 'Cada uno tiene un grupo y las tarjetas dan la vuelta a la mesa.',
    freeTable: 'Grupos en frascos, y tapas con número al lado.',
  },
  sheet: 'qué tarjeta fue con qué grupo',
  home: 'Pon el número al lado de cada montón de cucharas.',
};
