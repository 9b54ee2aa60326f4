export default {
  tag: 'Muestra',
  here: 'Este es el centro de muestra. Todos sus peques son inventados.',
  setUp: 'Prepara tu propio centro',
};
