export default {
  name: 'Leer y poner',
  say: 'Lee lo que dice y pon tantos.',
  ways: {
    card: {
      name: 'una tarjeta',
    },
    plate: {
      name: 'un plato',
    },
    envelope: {
      name: 'un sobre',
    },
  },
  avoid: 'No digas el número. Si lee otro, anótalo y deja que siga.',
  childDoes: 'lee una tarjeta, un plato o un sobre y pone tantos',
  setOut: 'en un montón junto al número escrito',
  also: 'una tarjeta, un plato o un sobre con el número',
  easier: 'el mismo número, dicho en vez de leído',
  harder: 'varios números, uno tras otro',
  otherThings: 'Plazas para barcos, billetes para un viaje, correo para la esclusa.',
  adaptations: {
    vision: 'El número en relieve o en braille, en una tarjeta que no se mueva.',
  },
  routine: {
    wholeGroup: 'Un sobre al día: ¿qué pide?',
    smallGroup: 'Cada uno saca una tarjeta y llena su plato.',
    freeTable: 'Platos con números en el borde.',
  },
  sheet: 'el número mostrado, el número puesto',
  home: 'Una nota junto al frutero: tráeme 3.',
};
