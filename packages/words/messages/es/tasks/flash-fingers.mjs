export default {
  name: 'Dedos, todos a la vez',
  say: 'Mira aquí. ¿Cuántos dedos viste?',
  avoid: 'Arriba todos a la vez y abajo otra vez. No los levantes uno a uno.',
  childDoes: 'dice cuántos dedos había, sin contar',
  also: 'la pantalla girada hacia el peque, o tus propias manos',
  easier: 'una mano',
  harder: 'dos manos: una mano entera y algunos más',
  otherThings: 'Guantes colgados con dedos doblados; huellas de manos en tarjetas.',
  routine: {
    wholeGroup: 'Tus manos detrás de la espalda: salen, se esconden, y todos dicen.',
    smallGroup: 'Cada uno enseña algunos a los demás, rápido como un pez.',
    freeTable: 'Huellas de manos y tarjetas con números.',
  },
  sheet: 'enseñados, dichos, y si los vio o los contó',
  home: 'Dedos que asoman por la puerta y se van: ¿cuántos?',
};
