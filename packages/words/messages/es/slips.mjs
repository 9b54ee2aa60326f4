export default {
  zeroFirst: 'Cero primero',
  oneLanguage: 'Solo un idioma',
  otherWord: 'Otra palabra …',
  startedAgain: 'Volvió a empezar',
  corrected: 'Se corrigió',
  missedDrop: 'Se saltó una gota',
  wordNoDrop: 'Palabra sin gota',
  twoInOne: 'Dos en un sitio',
  firstWord: 'Ahora cuenta: 1.ª palabra',
  title: 'Deslices',
};
