export default {
  name: 'Hazlo tantas veces',
  say: 'Hazlo {n} veces y para.',
  avoid: 'No vayas asintiendo ni pares al niño.',
  childDoes: 'hace algo un número de veces y para',
  ways: {
    flaps: {
      name: 'aletear como una garza',
      say: 'Aletea como una garza {n} veces y para.',
    },
    claps: {
      name: 'dar palmadas',
      say: 'Da {n} palmadas y para.',
    },
    throws: {
      name: 'tirar a un cubo',
      say: 'Tira hasta que {n} hayan caído en el cubo.',
    },
  },
  easier: 'tres, contadas juntos',
  harder: 'una cosa tantas veces y luego otra',
  otherThings: 'Saltos, golpes de tambor, saquitos a un cubo: solo vale lo que cae dentro.',
  routine: {
    wholeGroup: 'Siete aleteos, ocho palmadas y todos sentados.',
    smallGroup: 'Uno dice un número, los demás lo hacen.',
    freeTable: 'Un tambor y tarjetas de números.',
  },
  sheet: 'lo pedido y lo hecho',
  home: 'Remover la olla diez veces.',
};
