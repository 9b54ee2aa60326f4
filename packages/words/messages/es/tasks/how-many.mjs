export default {
  name: 'Cuántos hay',
  say: 'Cuéntamelos.',
  thenSay: '¿Cuántos hay?',
  avoid: 'Pregunta una vez, como si no lo supieras. Deja las cosas como están.',
  childDoes: 'cuenta y después se le pregunta cuántos hay',
  setOut: 'a un pulgar de distancia',
  easier: 'dos o tres, en un vaso, preguntando enseguida',
  harder: 'dar un número, sin nada puesto que contar',
  otherThings: 'Palmadas, pasos, cucharas: cualquier cosa que se pueda contar y preguntar.',
  routine: {
    wholeGroup: 'Contar las cartas en la puerta y después: ¿cuántas nos han llegado?',
    smallGroup: 'Un peque cuenta bajo el paño y los demás preguntan.',
    freeTable: 'Vasos con cosas dentro y tarjetas para poner al lado.',
  },
  sheet: 'la cuenta, la respuesta, y si se volvió a contar',
  home: 'Contad los calcetines y preguntad una vez: ¿cuántos hay?',
};
