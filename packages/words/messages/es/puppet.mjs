export default {
  counts: 'Nutria cuenta {what}',
  says: 'Nutria dice los números',
  counting: 'Nutria cuenta …',
  again: 'Otra vez',
  start: 'Que cuente Nutria',
  spoken: 'Este dispositivo dice las palabras.',
  sayYourself: 'Este dispositivo no tiene voz para este idioma. Di cada palabra cuando aparezca.',
};
