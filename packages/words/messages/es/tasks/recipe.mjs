export default {
  name: 'Los cuatro cuencos',
  say: 'Aquí está la receta. Llena cada cuenco como dice.',
  avoid: 'No señales ningún cuenco ni devuelvas nada.',
  childDoes: 'sigue una receta escrita con cuatro cuencos',
  setOut: 'en cuatro platos, cada uno junto a su cuenco, con la receta al lado',
  also: 'cuatro cuencos, la receta escrita en grande',
  easier: 'un cuenco, un número',
  harder: 'un solo número grande',
  otherThings: 'Sopa de barro, una merienda para la tripulación.',
  adaptations: {
    attention: 'Un solo cuenco, y el siguiente más tarde ese día.',
  },
  caution: 'No se come nada de los cuencos, salvo que el centro lo haya previsto.',
  routine: {
    wholeGroup: 'Cocinar para Nutria: la receta en la hoja grande, un cuenco cada vez.',
    smallGroup: 'Cuatro peques, cuatro cuencos, una receta.',
    freeTable: 'Tarjetas con recetas y cuencos vacíos.',
  },
  sheet: 'la receta, con lo que había en cada cuenco',
  home: 'Hornear con una receta de tazas enteras.',
};
