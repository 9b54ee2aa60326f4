export default {
  name: 'Sigue la serie',
  say: 'Mira cómo va. ¿Qué viene ahora? Sigue.',
  ways: {
    ab: {
      name: 'este, aquel',
    },
    abb: {
      name: 'este, aquel, aquel',
    },
    aab: {
      name: 'este, este, aquel',
    },
    abc: {
      name: 'tres por turnos',
    },
  },
  avoid: 'No digas la serie en voz alta por el peque. Que la toque además de verla.',
  childDoes: 'sigue una serie, con la vista o con el tacto',
  setOut: 'dos vueltas en fila, y un cuenco de cada clase',
  easier: 'este, aquel',
  harder: 'tres clases por turnos; luego una serie propia',
  otherThings: 'Palmadas y pisotones, hojas grandes y pequeñas.',
  adaptations: {
    vision: 'Cosas distintas al tacto, en una fila con borde; la mano la recorre antes de seguir.',
  },
  routine: {
    wholeGroup: 'Palmada, pisotón, palmada, pisotón: todos siguen.',
    smallGroup: 'Uno empieza una serie y el siguiente la sigue.',
    freeTable: 'Tiras con un comienzo y cuencos de cosas.',
  },
  sheet: 'la serie, y lo que puso',
  home: 'Cuchara, tenedor, cuchara: ¿qué viene?',
};
