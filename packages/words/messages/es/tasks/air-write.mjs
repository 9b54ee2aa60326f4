export default {
  name: 'Escribirlo en el aire',
  say: 'Vamos a escribir el {n} en el aire. ¡Grande!',
  avoid: 'No le cojas la mano si no lo pide.',
  childDoes: 'escribe una cifra en el aire con todo el brazo',
  also: 'las palabras de cada trazo',
  easier: 'con tu dedo acompañando; una cifra de un solo trazo',
  harder: 'repasar la cifra en papel',
  otherThings: 'Una cinta en un palo, una brocha mojada en la pared.',
  routine: {
    wholeGroup: 'Todos de pie la escriben tres veces, con las palabras.',
    smallGroup: 'Uno escribe en la espalda de otro: ¿cuál es?',
    freeTable: 'Una bandeja de arena y tarjetas para mirar.',
  },
  home: 'Escribidlo grande en el aire en la parada.',
};
