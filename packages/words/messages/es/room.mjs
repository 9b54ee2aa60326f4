export default {
  who: 'Quién se sentó',
  whoLine:
    '{name}: {tries, plural, one {1 intento} other {# intentos}} con {children, plural, one {1 peque} other {# peques}}',
  months: 'Por meses',
  monthsNote:
    'Peques a quienes se vio contar una fila (puntos), seguros hasta 5 (línea), seguros hasta 10 (rayas).',
  ideasIntro: 'Lo que {room} prueba después de un desliz. Los próximos pasos usan estas palabras.',
  ideaTry: 'Probar',
  ideaShipped: 'La nuestra: {idea}',
  useOurs: 'Usar la nuestra',
  which: 'Destrezas',
  counting: 'contar',
  beyond: 'más allá de contar',
  seenBy: 'Con quién',
  child: 'Peque',
  lastSeen: 'Última vez',
  together: 'Hoy va bien juntos',
  nobodyTogether: 'Ahora no hay dos peques con el mismo paso y números cercanos.',
  anyone: 'cualquiera',
  togetherAt: '{task}, {n}',
  togetherFrom: '{task}, de {from} a {to}',
};
