export default {
  name: 'Caen unos más',
  say: 'Escucha: hay {from} en la lata, y ahora algunos más. ¿Cuántos hay dentro?',
  avoid: 'No dejes que mire dentro ni digas cuántos cayeron.',
  childDoes: 'oye caer más en una lata y dice cuántos hay',
  setOut:
    'en tu mano junto a una lata: deja caer {from}, contando juntos, y luego {few, plural, one {1 más} other {# más}}',
  also: 'una lata en la que no se vea',
  easier: 'con los dos grupos a la vista',
  harder: 'sacar otra vez algunos',
  otherThings: 'Canicas en una jarra; la lata de la pantalla donde cuesta oír.',
  routine: {
    wholeGroup: 'Ojos cerrados: todos escuchan y enseñan el número con los dedos.',
    smallGroup: 'Uno deja caer, los demás dicen cuántos.',
    freeTable: 'Una lata, corchos y tarjetas de números al lado.',
  },
  sheet: 'los que había, los que cayeron y lo que dijo el niño',
  home: 'Pinzas en una lata: tres, y dos más.',
};
