export default {
  name: 'Decir uno por palmada',
  say: 'Un número por cada palmada. Yo doy palmadas y tú cuentas.',
  avoid: 'Mantén el ritmo parejo y sin prisa. No muevas los labios.',
  childDoes: 'dice una palabra por palmada, salto o golpe',
  also: 'un tambor, o dos manos',
  easier: 'sin ritmo, a su paso',
  harder: 'el golpe pasa a ser una cosa que se aparta',
  otherThings: 'Golpes de remo, toques en el costado del barco, saltos de piedra en piedra.',
  caution: 'Saltos solo en suelo seco y despejado, lejos del borde del agua.',
  routine: {
    wholeGroup: 'Dar juntos palmadas con los días del mes.',
    smallGroup: 'Uno toca el tambor, otro cuenta.',
    freeTable: 'Un tambor con una tarjeta de cuántos golpes.',
  },
  sheet: 'golpes y palabras en paralelo',
  home: 'Un número por cada vuelta a las gachas.',
};
