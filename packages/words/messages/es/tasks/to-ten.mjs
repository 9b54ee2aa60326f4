export default {
  name: '¿Cuántos faltan para diez?',
  say: 'Diez llenan esta tabla. ¿Cuántos faltan?',
  avoid: 'No señales las casillas vacías una a una. Si está llena, no falta ninguno.',
  childDoes: 'dice cuántos faltan para llenar diez casillas',
  setOut: 'desde la primera casilla, primero la fila de arriba',
  easier: 'con nueve, ocho o siete',
  harder: 'sin casillas: una tarjeta, y cuántos faltan para diez',
  otherThings: 'Una huevera de diez, diez pinzas en una cuerda.',
  routine: {
    wholeGroup: 'Diez peques en el banco: ¿cuántos caben aún?',
    smallGroup: 'Gira una tarjeta de cero a diez; los demás enseñan con los dedos los que faltan.',
    freeTable: 'Casillas, corchos y tarjetas.',
  },
  sheet: 'en las casillas, y lo que dijo',
  home: 'Diez dedos del pie: escondo algunos. ¿Cuántos faltan?',
};
