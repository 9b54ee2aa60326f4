export default {
  title: 'Ajustes',
  own: 'Tus ajustes',
  ideas: 'Ideas para enseñar',
  languages: 'Idiomas',
  devices: 'Dispositivos conectados',
  thumb: 'En una sesión tus botones están a la',
  side: '{side, select, left {izquierda} other {derecha}}',
  language: 'Dotting te habla en',
  unread: '{name}: primer borrador, aún no lo ha leído nadie que lo tenga por lengua materna.',
  notChanged: '{problem} No se ha cambiado nada. Prueba otra vez en un momento.',
  schools: 'Maneras del aula',
};
