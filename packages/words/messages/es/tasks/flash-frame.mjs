export default {
  name: 'Una fila entera, y algunos',
  say: 'Mira aquí. ¿Cuántos viste?',
  ways: {
    rows: {
      name: 'llena fila a fila',
    },
    pairs: {
      name: 'llena de dos en dos',
    },
  },
  avoid: 'Enséñalo una vez. Luego pregunta cómo lo vio: «Dime cómo lo viste».',
  childDoes: 'dice cuántos hay en las diez casillas, como cinco y algunos o como dos iguales',
  also: 'la pantalla girada hacia el peque, o una segunda pantalla',
  easier: 'cinco, y uno más',
  harder: 'el ocho de las dos maneras: cinco y tres, y cuatro y cuatro',
  otherThings: 'Una huevera con algunos huecos llenos, abierta un momento.',
  routine: {
    wholeGroup: 'Diez casillas grandes en la pared, vistas y tapadas: cinco, ¿y cuántos más?',
    smallGroup: 'Uno llena casillas detrás de un libro y levanta el libro un momento.',
    freeTable: 'Tarjetas de casillas boca abajo.',
  },
  sheet: 'enseñados, dichos, y cómo los vio',
  home: 'Abre y cierra la huevera: ¿cuántos quedan?',
};
