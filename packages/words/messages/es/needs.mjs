export default {
  vision: 'vista',
  hearing: 'oído',
  movement: 'movimiento',
  speech: 'habla',
  language: 'lenguaje',
  attention: 'atención',
};
