export default {
  name: 'El que menos de tres',
  say: 'Aquí hay tres. ¿Cuál tiene menos?',
  choosing: {
    question: '¿Cuál eligió?',
    options: {
      'left-set': 'el de la izquierda',
      'middle-set': 'el del medio',
      'right-set': 'el de la derecha',
    },
  },
  avoid: 'No señales a lo largo de las filas.',
  childDoes: 'encuentra el grupo que menos tiene de tres',
  setOut: 'en tres filas, una al lado de otra, como en la pantalla',
  easier: 'solo dos grupos',
  harder: 'poner los tres en orden',
  otherThings: 'Tres vasos de ceras, tres montones de hojas, tres colas.',
  adaptations: {
    vision: 'Tres cajas bajas, una tras otra y otra vez.',
    speech: 'Señalar es toda la respuesta.',
  },
  routine: {
    wholeGroup: 'Tres colas en la puerta: ponte en la que tiene menos.',
    smallGroup: 'Cada uno llena un plato: ¿cuál tiene menos?',
    freeTable: 'Tres platos y un montón de conchas.',
  },
  sheet: 'los tres grupos y cuál eligió',
  home: '¿Qué cajón tiene menos calcetines?',
};
