export default {
  name: 'Nutria cuenta cosas',
  say: 'Mira la pata de Nutria. ¿Los ha contado bien?',
  choosing: {
    question: '¿Lo ha hecho bien Nutria?',
    options: {
      right: 'dijo que estaba bien',
      'not-right': 'dijo que no',
    },
  },
  avoid: 'Ponlo una vez, dos si lo pide. No toques nada.',
  childDoes: 've si la marioneta se salta uno o toca dos veces',
  setOut: 'en fila en la pantalla: deja que lo vea, o ponlos tú y mueve la marioneta',
  also: 'una marioneta, si tienes',
  easier: 'cuatro cosas, con el desliz bien a la vista',
  harder: 'cuenta el peque y Nutria juzga',
  otherThings: 'Platos en la merienda, abrigos en perchas, barcos a lo largo de la pared.',
  adaptations: {
    vision: 'La mano del peque va sobre la marioneta, si le gusta; así siente cada toque.',
    speech: 'Dos tarjetas para señalar, una sonrisa y una cara de duda.',
  },
  routine: {
    wholeGroup: 'Nutria reparte las tazas y cuenta mientras tanto.',
    smallGroup: 'Un desliz para que lo encuentren los demás, por turnos.',
    freeTable: 'La marioneta y una fila de conchas, sin pedir nada.',
  },
  sheet: 'por dónde fue la pata y lo que el peque dijo de ello',
  home: 'Contad las cucharas y saltaos una, para que os pillen.',
};
