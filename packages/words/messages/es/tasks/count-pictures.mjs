export default {
  name: 'Contar dibujos',
  say: '¿Cuántos hay en el dibujo? {pictures, select, tick {Marca cada uno al contar.} other {Toca cada uno al contar.}}',
  avoid: 'Tu dedo, fuera del papel.',
  childDoes: 'marca o toca cada dibujo',
  setOut: 'en una hoja, como en la pantalla',
  also: 'la hoja impresa o dibujada, un lápiz, si en la sala se marcan',
  easier: 'las cosas mismas, en fila',
  harder: 'esparcidos, sin líneas',
  otherThings: 'Una página de un cuento, el estampado de una tela.',
  routine: {
    wholeGroup: 'Contar juntos en la página grande y pasarla para ver.',
    smallGroup: 'Cada peque dibuja una página para que cuente el siguiente.',
    freeTable: 'Tarjetas con dibujos y una tapa para cada uno.',
  },
  sheet: 'el dibujo mismo, marcado',
  home: 'Los animales del cuento de esta noche.',
};
