export default {
  name: 'Que quede a nivel',
  say: 'Pon algunos en este lado para que los dos lados pesen igual.',
  ways: {
    numeral: {
      name: 'una cifra',
    },
    picture: {
      name: 'un dibujo de tantos',
      say: '¿Qué número la deja a nivel? Ponlo.',
      setOut: 'junto a una balanza, con un dibujo en el otro lado como en la pantalla, y cifras para elegir',
    },
    'two-numerals': {
      name: 'dos cifras',
    },
    'numeral-and-set': {
      name: 'una cifra y un grupo',
    },
  },
  avoid: 'Espera a que la barra esté quieta. Luego contad juntos el platillo.',
  childDoes: 'pone cosas en una balanza hasta que los dos lados quedan a nivel',
  setOut: 'junto a una balanza, con el otro lado cargado como en la pantalla',
  also: 'una balanza con cifras que pesan, o la de la pantalla',
  easier: 'cifras hasta el tres',
  harder: 'lo mismo en papel, sin la barra',
  otherThings: 'Una percha con dos vasos; fichas que pesan lo que dicen.',
  routine: {
    wholeGroup: 'Una tabla sobre un tronco: ¿quién se sienta dónde para que quede a nivel?',
    smallGroup: 'Uno carga un lado y el siguiente lo iguala.',
    freeTable: 'La balanza y tarjetas para un lado.',
  },
  sheet: 'lo que había en un lado, y cuántos lo igualaron',
  home: 'Dos bolsas en un palo: que cuelguen a nivel.',
};
