export default {
  name: '¿Qué número es?',
  say: '¿Qué número es este?',
  avoid: 'No lo digas ni lo traces en el aire. Espera: a menudo mira largo rato antes de decirlo.',
  childDoes: 'dice el nombre de una cifra',
  also: 'la tarjeta de la pantalla, vuelta hacia el niño, o una tuya con {n}',
  easier: 'encontrarla entre otras; cifras hasta cinco',
  harder: 'del once al diecinueve, y el 20',
  otherThings: 'Números de barcas, puertas y tapas; las tarjetas del aula.',
  routine: {
    wholeGroup: 'Una cifra sale poco a poco de una bolsa: ¿cuál será?',
    smallGroup: 'Tarjetas boca abajo: se levanta una, se dice y se guarda.',
    freeTable: 'Una caja de cifras para tocar y nombrar.',
  },
  sheet: 'qué cifras, y qué dijo',
  home: '¿Qué número hay en esta puerta? ¿Y en esta parada?',
};
