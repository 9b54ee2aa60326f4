export default {
  name: 'El que más de tres',
  say: 'Aquí hay tres. ¿Cuál tiene más?',
  choosing: {
    question: '¿Cuál eligió?',
    options: {
      'left-set': 'el de la izquierda',
      'middle-set': 'el del medio',
      'right-set': 'el de la derecha',
    },
  },
  avoid: 'Dale tiempo: tres es mucho que mirar.',
  childDoes: 'encuentra el grupo que más tiene de tres',
  setOut: 'en tres filas, una al lado de otra, como en la pantalla',
  easier: 'solo dos grupos',
  harder: 'pregunta cuál tiene menos',
  otherThings: 'Tres botes de pinceles, tres perchas de bolsas, tres barcos de peques.',
  adaptations: {
    vision: 'Tres cajas bajas, una tras otra y otra vez.',
    speech: 'Señalar es toda la respuesta.',
  },
  routine: {
    wholeGroup: 'Tres rincones de la sala: ¿dónde estamos más?',
    smallGroup: 'Cada uno llena un plato: ¿cuál tiene más?',
    freeTable: 'Tres platos y un montón de conchas.',
  },
  sheet: 'los tres grupos y cuál eligió',
  home: 'Tres cajas de juguetes: ¿cuál tiene más?',
};
