export default {
  loading: 'Cargando …',
  noConnection: 'Sin conexión con el servidor.',
  edit: 'Editar',
  save: 'Guardar',
  cancel: 'Cancelar',
  sitDownWith: 'Sentarse con {name}',
  print: 'Imprimir',
  anotherReason: 'Otro motivo',
  why: '¿Por qué?',
  tryAgain: 'Probar otra vez',
  delete: 'Borrar',
  add: 'Añadir',
  sitDown: 'Sentarse',
  and: ' y ',
  leftOut: 'Lo que queda fuera',
  unread:
    '{n, plural, one {1 intento no se puede leer. Sigue guardado pero no cuenta} other {# intentos no se pueden leer. Siguen guardados pero no cuentan}}.',
  notWorkedOut:
    'Los intentos de {name} están a salvo, pero no pudimos calcular qué muestran. Lo que ves de {name} puede ser antiguo.',
  all: 'todos',
};
