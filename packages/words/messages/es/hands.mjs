export default {
  title: 'Manos arriba',
  intro:
    'Caen cosas en una lata. Cada peque decide solo; toca quién levantó la mano por cada número y luego abre la lata.',
  offered: 'Números para elegir (dos o tres)',
  eyes: 'Ojos',
  shut: 'cerrados',
  open: 'abiertos, a la vista de los demás',
  nowTap: 'Ahora toca',
  whoIsHere: 'quién está',
  handsFor: 'manos por {n}',
  children: 'Peques',
  notHere: 'no está',
  handFor: '{name}, mano por {n}',
  isHere: '{name}, está',
  isNotHere: '{name}, no está',
  were: 'En la lata había',
  keep: '{n, plural, one {Guardar 1 mano} other {Guardar # manos}}',
  kept: '{n, plural, one {1 mano guardada} other {# manos guardadas}}. En la lata había {were}.',
  thereKept:
    '{n, plural, one {Queda anotado que quien estaba conoce el juego} other {Queda anotado que los # que estaban conocen el juego}}.',
  thereNotKept: 'No se ha podido anotar quién estaba ({problem}). Anótalo en En grupo cuando haya conexión.',
  notKept:
    'No se han podido guardar todas las manos en este dispositivo ({problem}). Las que aún se ven no están guardadas: inténtalo otra vez.',
  known: 'El juego',
  usual: 'ya lo conocen',
  firstTime: 'es nuevo',
};
