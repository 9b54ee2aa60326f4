export default {
  name: 'Contar un círculo',
  say: 'Cuéntalos, dando toda la vuelta.',
  ways: {
    unmarked: {
      name: 'sin marcar el comienzo',
    },
    marked: {
      name: 'con el comienzo marcado',
    },
  },
  avoid: 'No señales el primero ni digas para.',
  childDoes: 'cuenta alrededor de un círculo y sabe dónde empezó, o no',
  setOut: 'en círculo como en la pantalla, por igual',
  easier: 'el círculo abierto en fila; después un círculo con uno distinto por donde empezar',
  harder: 'dos más, o dos círculos, uno dentro del otro',
  otherThings: 'Cuentas en un hilo cerrado; peques en corro.',
  caution: 'Un hilo de cuentas se queda en la mesa y lejos del cuello.',
  routine: {
    wholeGroup: '¿Cuántos estamos en el corro? ¿Quién fue primero?',
    smallGroup: 'Un círculo de barcos; cada peque marca el comienzo a su manera.',
    freeTable: 'Platos con círculos de conchas y un corcho rojo por donde empezar.',
  },
  sheet: 'un círculo, con dónde empezó y dónde paró',
  home: 'Platos alrededor de la mesa.',
};
