export default {
  name: 'Dame unos cuantos',
  say: 'Ponme {n} en el plato.',
  avoid: 'No cuentes a la vez ni le pares la mano.',
  childDoes: 'da tantos de un montón',
  setOut: 'en un montón delante, con un plato al lado',
  also: 'un plato',
  easier: 'dos o tres, contados juntos y preguntados',
  harder: 'un número mayor que cuatro, que pide contar',
  otherThings: 'Tapas para tarros, cucharas para sitios, barcos para la esclusa.',
  routine: {
    wholeGroup: 'Un peque trae sillas para el corro: tres más, por favor.',
    smallGroup: 'Una tienda junto a la esclusa que vende tantas conchas.',
    freeTable: 'Platos con tarjetas de números y un cesto para llenarlos.',
  },
  sheet: 'lo pedido y lo dado, petición a petición',
  home: 'Tráeme dos tenedores, por favor.',
};
