export default {
  name: 'Contar las gotas',
  say: 'Escucha cómo caen en la lata y cuéntalas.',
  ways: {
    even: {
      name: 'a ritmo parejo',
    },
    uneven: {
      name: 'a ritmo desigual',
    },
  },
  avoid: 'No mires la lata. No asientas con las gotas.',
  childDoes: 'cuenta lo que cae en una lata, sin verlo',
  setOut: 'en una lata de verdad tapada con la mano, o deja que las suelte la lata de la pantalla',
  also: 'una lata, si las sueltas tú',
  easier: 'palmadas que se ven, una palabra por cada una',
  harder: 'a ritmo desigual, para que el ritmo no lleve las palabras',
  otherThings: 'Golpes en el barco, goteo de la compuerta, campanas.',
  adaptations: {
    vision: 'Aquí no hay nada que ver: es la tarea tal cual.',
    hearing: 'La lata silenciosa: una luz por cada gota, o un toque en el brazo.',
  },
  caution: 'Empieza suave: los ruidos fuertes disgustan a algunos peques.',
  routine: {
    wholeGroup: 'Todos con los ojos cerrados: ¿cuántos golpes?',
    smallGroup: 'Uno suelta, los demás cuentan con los dedos escondidos.',
    freeTable: 'Dos latas y un cesto de corchos.',
  },
  sheet: 'gotas y palabras en paralelo',
  home: 'Pinzas al cesto de la ropa, con los ojos cerrados.',
};
