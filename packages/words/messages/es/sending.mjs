export default {
  sent: 'Enviado ✓',
  offlineClosing: 'Sin conexión – notas guardadas en este dispositivo',
  sendingClosing: 'Enviando notas …',
  refused:
    '{n, plural, one {1 intento no aceptado, guardado} other {# intentos no aceptados, guardados}} en este dispositivo',
  offline:
    'Sin conexión – {n, plural, one {1 intento guardado} other {# intentos guardados}} en este dispositivo',
  sending: '{n, plural, one {1 intento} other {# intentos}} por enviar',
  aside:
    '{n, plural, one {1 intento no aceptado, apartado} other {# intentos no aceptados, apartados}} para la dirección',
  title: 'Por enviar',
  refusedOne: 'El servidor no aceptó uno del {moment}: {why} Sigue guardado aquí.',
  again: 'Enviar otra vez',
  forgetForGood: 'Olvidarlo para siempre',
  forget: 'Olvidarlo …',
  waiting:
    '{n, plural, one {1 intento espera} other {# intentos esperan}} en este dispositivo para enviarse ({steps, plural, one {1 paso} other {# pasos}}).',
  waitsForConnection: 'Ahora no hay conexión. El envío se reanuda solo.',
  waitsForServer: 'Algo falló en el servidor. Se intenta de nuevo solo cada 20 segundos.',
};
