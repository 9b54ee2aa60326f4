export default {
  title: '¿El mismo intento?',
  same: 'El mismo: usar el de {name}',
  two: 'Dos intentos: conservar ambos',
  other: 'Ver el otro',
  takeBack: 'Preguntar otra vez',
  saidTwo: '{by} dijo que este y otro son dos intentos. {moment}',
  thisCounts: '{by} dijo que este y otro son el mismo intento; cuenta este. {moment}',
  otherCounts: '{by} dijo que este y otro son el mismo intento; cuenta el otro. {moment}',
  whichWhy: '¿Por qué este?',
  fuller: 'hay más en él',
  sat: 'estaba con el niño',
  cutShort: 'el otro quedó a medias',
};
