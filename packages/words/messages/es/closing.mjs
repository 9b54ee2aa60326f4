export default {
  title: '{name}, ahora mismo',
  onRecord:
    '{n, plural, one {1 intento queda guardado} other {# intentos quedan guardados}}, escribas lo que escribas aquí.',
  learned: 'Lo que hemos aprendido',
  nothingNew: 'Todavía nada nuevo que decir. Los intentos están guardados.',
  stillOpen: 'Por averiguar',
  note: 'Algo más que anotar',
  notKept: 'Este dispositivo no pudo guardarlo ({problem}). Deja la página abierta y prueba otra vez.',
  save: 'Guardar y terminar',
  leftOut: 'Esta línea se dejará fuera.',
  inYourWords: 'Con tus palabras.',
  asItWas: 'Usar las nuestras',
  leaveOut: 'Dejar fuera',
};
