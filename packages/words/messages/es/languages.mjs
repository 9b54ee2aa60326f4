export default {
  title: 'Idiomas',
  intro: 'Contar es lo mismo en cualquier idioma. Los idiomas en que cuenta un peque están en su página.',
  remove: 'Quitar este idioma',
  add: 'Añadir un idioma',
  nameHint: 'Como lo llames tú',
  tag: 'Código corto',
  tagHint: 'Como «so» o «pt-BR», o «x-…» si no tiene',
  wordsField: 'Palabras de números',
  wordsHint: 'Desde el uno, una palabra por línea',
  rightToLeft: 'Se escribe de derecha a izquierda',
  save: 'Añadir idioma',
};
