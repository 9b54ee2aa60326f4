export default {
  name: 'Sacamos algunos',
  say: 'Hay {from} en la lata. Voy a sacar algunos. ¿Cuántos quedan?',
  avoid: 'No vuelques la lata ni cuentes atrás por el niño.',
  childDoes: 've sacar algunos de una lata y dice cuántos quedan',
  setOut: 'en una lata, contados juntos; después saca {few}',
  also: 'una lata en la que no se vea',
  easier: 'sacar solo uno',
  harder: 'meter unos y sacar otros',
  otherThings: 'Barcos que salen del puerto bajo un paño.',
  routine: {
    wholeGroup: 'Cinco en el barco, bajan dos: ¿cuántos siguen a bordo?',
    smallGroup: 'Uno saca, los demás dicen cuántos quedan.',
    freeTable: 'Una lata, corchos y tarjetas de números al lado.',
  },
  sheet: 'los que había, los que se sacaron y lo que dijo el niño',
  home: 'Seis en el plato, dos comidas.',
};
