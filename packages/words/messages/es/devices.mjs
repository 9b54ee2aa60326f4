export default {
  stillSending:
    'Espera: este dispositivo aún tiene intentos por enviar y el servidor no los acepta ahora. No se ha desconectado nada. Prueba otra vez.',
  signedInBy: 'Conectado por {name}, {moment}',
  thisOne: 'este dispositivo',
  lastSeen: 'último uso {moment}',
  signOut: 'Desconectar',
  intro:
    'Un dispositivo que desconectes aquí deja de funcionar en su próxima petición, esté donde esté, y olvida a los peques. Antes se envían los intentos pendientes.',
  add: 'Conectar otro dispositivo',
  addHow:
    'Enfoca el cuadrado con la cámara del otro dispositivo. O abre allí {address}, elige «Tengo un código de la dirección» y escribe:',
  onlyHere:
    'Ahora solo este equipo llega a la aplicación. Usa «npm run serve» para que lleguen otros dispositivos. El código es:',
  qrCode: 'Dirección y código, para la cámara del otro dispositivo',
  addUntil: 'Vale una vez, hasta: {moment}.',
  addNew: 'Otro código',
  refusedToo:
    '{n, plural, one {1 intento que el servidor no aceptó se olvida} other {# intentos que el servidor no aceptó se olvidan}} con él: mira en Hoy.',
};
