export default {
  filled: '$property no puede quedar vacío',
  word: '$property debe ser un número entero de 0 a 1000 o una palabra de {longestWord} letras como mucho',
  item: '$property debe ser el lugar de una cosa, contado desde 0',
  itemOrAgain: '$property debe ser el lugar de una cosa, contado desde 0, o “again”',
  answer: '$property debe ser un número, un texto corto, o null si no hubo respuesta',
  moment: '$property debe ser fecha y hora con su desfase, como 2026-03-02T09:30:00+01:00',
  recorded: '$property debe ser un día desde 2024 hasta ahora: mira la fecha y la hora de este dispositivo',
  languageTag: '$property debe ser un código de idioma como «en» o «cy»',
  day: '$property debe ser un día del calendario, como 2026-03-02',
  past: '$property debe ser un día que ya pasó',
  childsBirth: '$property debe ser un día de los últimos doce años',
  nearDay: '$property debe ser un día a menos de diez años: mira el año',
  happening: '$property debe ser lo que ocurrió, de una de las clases que pueden ocurrir en un intento',
  stroke: '$property debe ser puntos con x, y y un momento, ninguno anterior al de antes, como mucho 7200',
  strokeWords:
    '$property debe ser líneas de 200 letras como mucho, por la forma de la cifra, como «5-in-one»',
  cells: '$property debe ser textos de 1000 letras como mucho, por los nombres de las columnas',
};
