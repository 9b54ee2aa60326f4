export default {
  name: '¿Cuántos más?',
  say: 'Este tiene más. ¿Cuántos más?',
  avoid: 'No señales los que sobran.',
  childDoes: 'dice por cuántos uno de dos grupos es mayor',
  setOut: 'uno al lado del otro como en la pantalla, los dos desde el lado del peque',
  easier: 'solo uno más, uno frente a otro',
  harder: 'los grupos bajo dos paños después de mirar',
  otherThings: 'Dos torres, dos colas, dos filas de perchas con abrigos y sin ellos.',
  routine: {
    wholeGroup: '¿Más niños o más sillas? ¿Cuántos más?',
    smallGroup: 'Dos filas en una huevera: ¿cuáles sobresalen?',
    freeTable: 'Una huevera de dos filas y dos cuencos.',
  },
  sheet: 'los dos grupos y lo que dijo',
  home: '¿Cuántos tenedores más que cuchillos?',
};
