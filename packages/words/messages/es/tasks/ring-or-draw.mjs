export default {
  name: 'Cuenta y dibuja',
  say: 'Cuéntalos. Ahora dibuja los mismos.',
  ways: {
    ring: {
      name: 'rodearlos',
      say: 'Cuéntalos. Ahora rodea los mismos en el dibujo.',
    },
    draw: {
      name: 'dibujarlos',
    },
  },
  avoid: 'No vuelvas a decir el número mientras dibuja.',
  childDoes: 'cuenta, rodea o dibuja los mismos y lo comprueba',
  setOut: 'en fila',
  also: 'papel y una cera',
  easier: 'dos o tres',
  harder: 'darse la vuelta antes de dibujar; volver a comprobar',
  otherThings: 'Pegatinas, sellos, una cruz por cada uno.',
  routine: {
    wholeGroup: 'Contad las barcas del canal y dibujadlas en el aire.',
    smallGroup: 'Cada uno cuenta un vaso y lo dibuja.',
    freeTable: 'Una colección, papel y ceras.',
  },
  sheet: 'un recuadro para dibujar',
  home: 'Cuenta las manzanas y dibuja las mismas.',
};
