export default {
  title: 'Va antes',
  die: {
    name: 'Tirar un dado y volver a encontrarlo',
    how: 'Mete el dado en una huevera transparente con tapa, agita y mira a través de la tapa: así nunca se va rodando. Después, que ruede en una bandeja con borde. Antes de cogerlo, buscarlo con la mano plana.',
  },
  envelope: {
    name: 'Abrir un sobre',
    how: 'Empieza con uno grande sin pegar y con la tarjeta medio fuera. Una mano lo sujeta y la otra tira; luego, con la tarjeta del todo dentro; luego, con la solapa metida.',
  },
  cup: {
    name: 'Volver a encontrar un vaso sin volcarlo',
    how: 'Pon el vaso en una bandeja baja, siempre en el mismo sitio. Una mano se queda en el borde mientras la otra va a buscar. Después suelta el borde y vuelve a él siguiendo la orilla de la bandeja.',
  },
  heldBack: 'Hasta entonces esperan: {tasks}.',
  oneWay: '{task} (con {way})',
  canNow: 'Ya puede',
};
