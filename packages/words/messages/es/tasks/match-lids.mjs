export default {
  name: 'Una tapa a cada tarro',
  say: 'Dale su tapa a cada tarro.',
  choosing: {
    question: '¿Había suficientes tapas, sobraban o faltaban?',
    options: {
      enough: 'suficientes',
      'too-many': 'sobraban',
      'too-few': 'faltaban',
    },
  },
  avoid: 'No digas ningún número: aquí no hace falta contar.',
  childDoes: 'da su tapa a cada tarro y dice si había suficientes',
  setOut: 'en un montón junto a los tarros',
  also: 'tantos tarros como muestra la pantalla',
  easier: 'tres tarros, y tapas para todos',
  harder: 'tantos de otra clase, sin nada donde ponerlos',
  otherThings: 'Tazas y platillos, barcos y amarres, una cuchara para cada cuenco.',
  adaptations: {
    vision: 'Tarros pegados a una alfombrilla, para que sigan donde la mano los encontró.',
    movement: 'Pones tú las tapas; el peque dice dónde va la siguiente.',
  },
  caution: 'Tarros de plástico, nunca de cristal. Tapas sin bordes cortantes.',
  routine: {
    wholeGroup: 'Una taza para cada uno: ¿hay suficientes?',
    smallGroup: 'Amarres y barcos; llega un barco de más.',
    freeTable: 'Tarros y un cesto con demasiadas tapas.',
  },
  sheet: 'tarros y tapas unidos con líneas',
  home: 'Poned la mesa: un tenedor por plato.',
};
