export default {
  'stable-order': 'Números en orden',
  'one-to-one': 'Uno a uno',
  cardinality: 'Cuántos hay',
  'counting-on-and-back': 'Seguir y contar atrás',
  comparing: 'Comparar conjuntos',
  'numeral-recognition': 'Leer cifras',
  'numeral-formation': 'Escribir cifras',
  'seeing-how-many': 'Ver cuántos hay',
  'parts-and-wholes': 'Partes y todo',
  'sorting-and-recording': 'Clasificar y anotar',
};
