export default {
  name: '¿Cuántos puntos?',
  say: 'Mira aquí. ¿Cuántos viste?',
  avoid: 'Enséñalos una vez. Vale la primera respuesta; no vuelvas a preguntar en el mismo intento.',
  childDoes: 'dice cuántos puntos había, sin contar',
  also: 'la pantalla girada hacia el peque, o una segunda pantalla',
  easier: 'uno, dos o tres',
  harder: 'puntos como en un dado, hasta seis',
  otherThings: 'Corchos bajo un paño que se levanta y se baja; agujeros en una tapa.',
  routine: {
    wholeGroup: 'Puntos en la pared un momento: todos enseñan dedos.',
    smallGroup: 'Uno levanta el paño, los demás dicen cuántos.',
    freeTable: 'Tarjetas con puntos boca abajo, para girar y volver a girar.',
  },
  sheet: 'enseñados, dichos, y si los vio o los contó',
  home: 'Levanta la tapa de unas uvas y vuelve a taparlas: ¿cuántas?',
};
