export default {
  name: 'Encuéntralos todos',
  say: 'Encuentra todos los {n}.',
  avoid: 'No digas cuántos hay que encontrar.',
  childDoes: 'encuentra todas las tarjetas con un número, con parecidas entre ellas',
  also: 'las tarjetas de la pantalla, o las tuyas',
  easier: 'una sola, entre otras tres',
  harder: 'buscar dos números a la vez',
  otherThings: 'Una hoja de cifras para rodear, letras y números mezclados.',
  routine: {
    wholeGroup: 'Números por toda el aula: se señala cada cinco.',
    smallGroup: 'Tarjetas esparcidas; cada uno busca un número.',
    freeTable: 'Una bandeja de cifras y un vaso para cada una.',
  },
  sheet: 'encontradas, olvidadas, cogidas por error',
  home: '¿Cuántos cincos encuentras en este folleto?',
};
