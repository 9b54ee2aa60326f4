export default {
  tapEachNumber: 'toca una vez por cada número que diga el peque',
  tapEachSaid: 'toca una vez por cada número dicho',
  nothingLies: 'aquí no hay nada',
  tapNextPlace: 'la siguiente cosa, puesta en el siguiente sitio',
  tapNextWord: 'la siguiente cosa, la siguiente palabra',
  tapTouched: 'toca la cosa que tocó el peque',
  tapNextThing: 'la siguiente cosa, una palabra con un toque',
  hold: 'Mantener para ver lo anotado',
  beginning: 'el comienzo',
  next: 'Después: {why}',
  why: 'Por qué: {why}',
  tapPutIn: 'toca por cada uno que pone, con la palabra que dice',
};
