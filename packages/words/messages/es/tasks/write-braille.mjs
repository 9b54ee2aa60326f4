export default {
  name: 'Escribirlo en braille',
  say: 'Escribe el {n}.',
  avoid: 'No pulses tú ninguna tecla. Di el número una sola vez.',
  childDoes: 'escribe una cifra con seis teclas o con un punzón',
  also: 'una máquina de braille, o pauta y punzón, y papel',
  easier: 'el signo ya está puesto; una sola cifra',
  harder: 'dos cifras; una fila de números con un espacio entre ellos',
  otherThings: 'Clavijas en un tablero de seis agujeros, huevos en media huevera.',
  routine: {
    wholeGroup: 'Seis sillas, dos por tres: ¿quién se sienta para el cinco?',
    smallGroup: 'Uno escribe y el siguiente lee.',
    freeTable: 'Una máquina, papel y tarjetas para copiar.',
  },
  sheet: 'cada celdilla como se escribió',
  home: 'Seis hueveras, dos por tres: enséñame el cinco.',
};
