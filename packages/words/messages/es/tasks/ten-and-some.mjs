export default {
  name: 'Diez y algunos',
  say: 'Aquí hay diez, y {few} más. ¿Cuántos son?',
  ways: {
    built: {
      name: 'juntando',
    },
    'taken-apart': {
      name: 'separando',
      say: 'Aquí hay {from}. Diez están aquí: ¿cuántos hay bajo el paño?',
      setOut: 'diez en casillas, el resto bajo un paño',
    },
  },
  avoid: 'Mezcla los números. No cuentes otra vez los diez por el peque.',
  childDoes: 'hace un número con diez y algunos, y lo vuelve a separar',
  setOut: 'diez en casillas, el resto al lado',
  easier: 'once y doce',
  harder: 'sin orden, y dicho de las dos maneras: diecisiete, diez-siete',
  also: 'una tarjeta de diez y tarjetas de unidades para tapar su cero',
  otherThings: 'Una torre de diez y otra torre; una caja de diez y algunos sueltos.',
  routine: {
    wholeGroup: 'Diez escalones de la esclusa y algunos más: ¿cuántos?',
    smallGroup: 'Uno pone las tarjetas, el siguiente lo construye.',
    freeTable: 'Tarjetas, casillas y corchos.',
  },
  sheet: 'el número, de qué manera y lo que dijo',
  home: 'Mis diez dedos y algunos tuyos: ¿cuántos?',
};
