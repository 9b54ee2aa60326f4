export default {
  name: 'Puntos como en un dado',
  say: 'Mira aquí. ¿Cuántos viste?',
  avoid: 'Enséñalo una vez. Vale la primera respuesta; no vuelvas a preguntar en el mismo intento.',
  childDoes: 'dice qué cara de un dado era, sin contar',
  also: 'la pantalla girada hacia el peque, o una segunda pantalla',
  easier: 'de uno a tres',
  harder: 'cinco y seis, girados un cuarto de vuelta',
  otherThings: 'Un dado grande bajo un vaso; tapas puestas como las caras.',
  routine: {
    wholeGroup: 'Un dado grande que se ve y se esconde: dedos para decir cuántos.',
    smallGroup: 'Uno tira bajo un vaso, lo levanta un momento y los demás dicen.',
    freeTable: 'Un dado, un vaso y tarjetas con números.',
  },
  sheet: 'enseñados, dichos, y si los vio o los contó',
  home: 'Tira un dado y tápalo enseguida: ¿qué salió?',
};
