export default {
  name: 'Decir los números',
  say: '¿Hasta dónde sabes contar? Empieza por el uno.',
  avoid: 'Escucha. No digas ningún número ni le animes a seguir con la cabeza.',
  childDoes: 'dice los números hasta donde llega',
  easier: 'solo hasta cinco, por turnos, una palabra cada uno',
  harder: 'una palabra por paso, para que las palabras se separen',
  otherThings: 'Caminando por la orilla, subiendo los peldaños de la esclusa, al vestirse.',
  routine: {
    wholeGroup: 'Contar a todo el mundo al entrar por la mañana, señalando tú.',
    smallGroup: 'En corro, cada peque un número más.',
    freeTable: 'Los peldaños numerados junto a la esclusa, para recorrerlos a gusto.',
  },
  sheet: 'las palabras tal como salieron, con el lugar del primer desliz',
  home: 'Contad los escalones al ir a dormir, una palabra por escalón.',
};
