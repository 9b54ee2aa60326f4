export default {
  name: 'Del once al diecinueve, de dos maneras',
  say: 'Empieza por el once y cuenta hasta {n}.',
  ways: {
    usual: {
      name: 'los nombres de siempre',
    },
    'ten-and-some': {
      name: 'como diez-y-algo',
      say: 'Ahora a la manera de construir: diez y uno, diez y dos … hasta {n}{twenty, select, tens {; veinte son dos dieces} other {}}.',
    },
  },
  avoid: 'Di la primera palabra si la espera, y ninguna más.',
  childDoes: 'dice del 11 al 20 como siempre y como diez-y-algo',
  also: 'una tira de diez corchos y algunos sueltos, para construir cada número si ayuda',
  easier: 'hasta doce, y parar ahí',
  harder: 'las dos maneras por turnos, un número de cada una',
  otherThings: 'Cajas llenas de diez en la barcaza, y algunas al lado.',
  routine: {
    wholeGroup: 'La escalera de la esclusa, cada peldaño dicho de las dos maneras.',
    smallGroup: 'Uno lo dice como siempre, el siguiente a la manera de construir.',
    freeTable: 'Una tira de diez con corchos sueltos y tarjetas con dibujos.',
  },
  sheet: 'las dos filas de palabras, una bajo la otra',
  home: 'Diez dedos de los pies y algunos de la mano: diez y uno, diez y dos.',
};
