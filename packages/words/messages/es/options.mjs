export default {
  hand: {
    unsaid: 'no se sabe',
    left: 'izquierda',
    right: 'derecha',
  },
  mouths: {
    unsaid: 'nadie lo ha dicho',
    yes: 'aún se las lleva a la boca',
    no: 'no',
  },
  needs: {
    vision: 'Vista',
    hearing: 'Oído',
    movement: 'Movimiento',
    speech: 'Habla',
    language: 'Lenguaje',
    attention: 'Atención',
  },
  notYet: {
    die: 'tirar un dado y encontrarlo',
    envelope: 'abrir un sobre',
    cup: 'volver a encontrar un vaso',
  },
};
