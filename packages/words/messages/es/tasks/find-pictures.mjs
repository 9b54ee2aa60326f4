export default {
  name: 'Encuentra todos los dibujos con tantos',
  say: 'Encuentra todos los dibujos con {n}.',
  avoid: 'No cuentes un dibujo por el niño ni digas cuántos hay que encontrar.',
  childDoes: 'encuentra todos los dibujos con un número de cosas',
  also: 'los dibujos de la pantalla, o los tuyos',
  easier: 'dos y tres entre unos',
  harder: 'dibujos con las cosas sueltas',
  otherThings: 'Dados sobre la mesa, platos con corchos, ventanas de la casa.',
  routine: {
    wholeGroup: 'Dibujos en la pared: manos a la cabeza por cada cuatro.',
    smallGroup: 'Tarjetas de dibujos esparcidas; cada uno busca un número.',
    freeTable: 'Tarjetas y cuencos para ordenarlas.',
  },
  sheet: 'encontrados, olvidados, cogidos por error',
  home: '¿Qué platos tienen cuatro? Encuéntralos todos.',
};
