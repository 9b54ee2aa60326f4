export default {
  vision: 'Vista',
  hearing: 'Oído',
  movement: 'Movimiento',
  speech: 'Habla',
  language: 'Lenguaje',
  attention: 'Atención',
  inline: {
    vision: 'vista',
    hearing: 'oído',
    movement: 'movimiento',
    speech: 'habla',
    language: 'lenguaje',
    attention: 'atención',
  },
};
