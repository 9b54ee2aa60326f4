export default {
  name: 'Palitos',
  say: 'Un palito por cada uno{recorded, select, remove {, y de vuelta a la bolsa} other {}}. El quinto los cruza{tally, select, level {, recto} other {}}.',
  avoid: 'No digas los números al ritmo de los palitos.',
  childDoes: 'hace un palito por cada cosa, el quinto cruzado, y compara los palitos con las cosas',
  setOut: 'en un montón',
  also: 'una hoja para palitos',
  easier: 'tres o cuatro, aún sin cruzar',
  harder: 'diez y más; barcas según pasan',
  otherThings: 'Palos en vez de rayas, marcas en la arena.',
  routine: {
    wholeGroup: 'Palitos por quién vino en barca, en bici o a pie.',
    smallGroup: 'Cada uno anota una clase de una bandeja mezclada.',
    freeTable: 'Una tablilla junto a la ventana.',
  },
  sheet: 'una hoja para palitos',
  home: 'Un palito por cada coche rojo; el quinto los cruza.',
};
