export default {
  'double-counted': {
    saw: 'contó uno dos veces',
    move: 'apartando cada uno al contarlo, para que no quede a mano nada ya contado',
    fitting: {
      movable: 'metiendo cada uno en una caja con tapa al contarlo, fuera de la vista',
      frame: 'llenando antes las casillas y recorriéndolas después con un dedo',
      row: 'recorriendo la fila con un dedo, de una punta a la otra y sin volver atrás',
      pictures: 'marcando cada uno al contarlo',
      scattered: 'tapando cada uno con un papelito al contarlo',
      ring: 'poniendo una tapa junto al primero, para que la vuelta acabe donde empezó',
      heard: 'levantando un dedo por cada gota',
    },
  },
  missed: {
    saw: 'se saltó uno',
    move: 'apartando cada uno y mirando después juntos si alguno espera',
    fitting: {
      movable: 'metiendo cada uno en una caja con tapa y mirando después juntos si queda alguno fuera',
      frame: 'recorriendo las casillas con un dedo y mirando después juntos si alguna quedó sin palabra',
      row: 'recorriendo la fila con un dedo y mirando después juntos si alguno quedó sin palabra',
      pictures: 'marcando cada uno y mirando después juntos si alguno quedó sin marca',
      scattered: 'tapando cada uno con un papelito y mirando después juntos si alguno quedó sin tapar',
      ring: 'poniendo una tapa junto al primero y mirando después juntos si alguno quedó sin palabra',
      heard: 'dejando caer las gotas más despacio, un dedo por cada una',
    },
  },
  'word-without-touch': {
    saw: 'dijo una palabra sin toque',
    move: 'echando cada uno en un vaso, una palabra por cada uno',
    fitting: {
      frame: 'poniendo uno en una casilla con cada palabra',
      row: 'empujando un poco cada uno al contarlo, una palabra por empujón',
      pictures: 'una marca por palabra, y ninguna palabra sin marca',
      scattered: 'tapando cada uno con un papelito, una palabra por papelito',
      ring: 'empujando un poco cada uno al contarlo, una palabra por empujón',
      heard: 'esperando la gota antes de cada palabra',
    },
  },
  'touch-without-word': {
    saw: 'tocó uno sin palabra',
    move: 'echando cada uno en un vaso y esperando la palabra antes del siguiente',
    fitting: {
      frame: 'poniendo uno en una casilla y esperando la palabra antes del siguiente',
      row: 'empujando un poco cada uno y esperando la palabra antes del siguiente',
      pictures: 'marca y palabra a la vez, esperando la palabra antes de la siguiente',
      scattered: 'tapando cada uno con un papelito y esperando la palabra antes del siguiente',
      ring: 'empujando un poco cada uno y esperando la palabra antes del siguiente',
      heard: 'dejando caer las gotas más despacio, con tiempo para cada palabra',
    },
  },
  'ran-on': {
    saw: 'siguió después del último',
    move: 'buscando juntos el último antes de contar, y parando ahí',
    fitting: {
      movable: 'dándolos de uno en uno y parando cuando la mano queda vacía',
      scattered: 'tapando cada uno con un papelito y parando cuando están todos tapados',
      ring: 'poniendo una tapa junto al primero y parando cuando el dedo vuelve a ella',
      heard: 'escuchando el silencio: si no cae gota, no hay palabra',
    },
  },
  skipped: {
    saw: 'se saltó un número',
    move: 'un paso por número a lo largo del camino, más despacio donde se saltó',
  },
  repeated: {
    saw: 'dijo un número dos veces seguidas',
    move: 'una palmada por número, juntos y después a solas',
  },
  swapped: {
    saw: 'cambió el orden de dos números',
    move: 'por turnos, un número cada uno, pasando por donde se cambiaron',
  },
  replaced: {
    saw: 'dijo otra palabra en lugar de un número',
    move: 'diciendo juntos los números por ese tramo, y después a solas',
  },
  inserted: {
    saw: 'añadió un número de más',
    move: 'una palmada por número, juntos y después a solas',
  },
  'looped-back': {
    saw: 'volvió atrás y dio otra vuelta',
    move: 'subiendo los números por los peldaños de la esclusa, una palabra por peldaño y ninguna repetida',
  },
  recounted: {
    saw: 'los contó todos otra vez al preguntarle cuántos',
    move: 'tapándolos con un paño después de contar, antes de preguntar cuántos',
  },
  other: {
    saw: 'dio un número que no era la última palabra',
    move: 'contando tres en un vaso, diciendo despacio la última palabra y preguntando después cuántos hay en el vaso',
  },
  'two-in-one': {
    saw: 'puso dos en un sitio',
    move: 'un solo sitio delante cada vez, el siguiente cuando ese esté lleno',
  },
  'left-outside': {
    saw: 'dejó uno fuera con un sitio libre',
    move: 'buscando juntos el sitio que aún espera',
  },
  'counted-again': {
    saw: 'volvió a contar o dijo otro número al preguntarle otra vez',
    move: 'solo dos o tres, movidos despacio mientras mira, diciendo «los mismos» antes de preguntar',
    fitting: {
      'other-end': 'solo dos o tres, el dedo volviendo despacio, diciendo «los mismos» antes de preguntar',
    },
  },
  'gave-another-number': {
    saw: 'dio un número distinto del pedido',
    move: 'contando cada uno en voz alta en la mano, y parando juntos en el número',
    fitting: {
      'fill-to': 'contando cada uno en voz alta en el vaso, y parando juntos en el número',
      'change-a-into-b':
        'contar primero lo que hay en el plato, luego de uno en uno, y parar juntos en el número',
      'do-n': 'hacer cada uno despacio y juntos, y parar juntos en el número',
      fingers: 'poner los dedos en la mesa uno a uno, y parar juntos en el número',
      'path-game': 'dar los pasos juntos, una palabra por casilla',
      'same-many': 'poniendo uno junto a cada uno de los otros y mirando después la fila',
    },
  },
  'chose-another': {
    saw: 'no notó si Nutria acertaba',
    move: 'haciendo que Nutria vaya más despacio, y dejando que el peque cuente antes lo mismo',
    fitting: {
      'say-spot': 'haciendo que Nutria vaya más despacio, y diciendo antes juntos los mismos números',
    },
  },
  'took-the-longer': {
    saw: 'se guió por lo largo que era',
    move: 'alinear las dos filas desde el mismo extremo, una frente a otra, y volver a preguntar',
  },
  'took-the-larger': {
    saw: 'se guió por el tamaño de las cosas',
    move: 'dar a cada grande un pequeño que esté a su lado, y volver a preguntar',
  },
  'took-the-wider': {
    saw: 'se guió por lo separadas que estaban',
    move: 'poner los dos grupos en filas desde el mismo extremo, una frente a otra, y volver a preguntar',
  },
  'took-another-set': {
    saw: 'eligió otro grupo que el que se preguntaba',
    move: 'emparejar uno a uno, y mirar juntos cuáles sobran',
  },
  'said-the-seen': {
    saw: 'dijo la parte a la vista en vez de la escondida',
    move: 'levantar el paño enseguida, luego tapar solo uno y decir cuántos quedaron debajo',
  },
  'said-the-whole': {
    saw: 'dijo el total en vez de la parte escondida',
    move: 'que el peque tape algunos, y decir juntos: tantos en total, tantos aquí',
  },
  'left-none-out': {
    saw: 'encontró todas las maneras menos ninguno y todos',
    move: 'un plato vacío junto a uno lleno, y preguntar si eso también es una manera',
  },
  'missed-ways': {
    saw: 'no encontró todas las maneras',
    move: 'dar la vuelta a uno cada vez, y dejar cada manera a la vista en una tira',
  },
  'broke-the-pattern': {
    saw: 'no siguió la serie',
    move: 'decir y tocar juntos dos vueltas, y luego solo lo siguiente',
  },
  'counted-the-seen': {
    saw: 'contó lo que podía verse de una vez',
    move: 'solo uno, dos y tres, enseñados y tapados, diciendo juntos el número al levantar el paño',
  },
  'made-another-set': {
    saw: 'hizo un grupo que no respondía a la pregunta',
    move: 'poner el grupo nuevo al lado del primero, uno frente a otro, y mirar qué sobra',
  },
  'cannot-go-on': {
    saw: 'no siguió desde el número',
    move: 'decir juntos el número con un golpe en la mesa, y luego el niño solo el siguiente',
  },
  'cannot-go-back': {
    saw: 'no fue hacia atrás desde el número',
    move: 'bajar los escalones de la esclusa, un número en cada uno, primero desde cinco',
  },
  'counted-the-start': {
    saw: 'contó el número de partida como el primero que se añade',
    move: 'poner una mano en el primer conjunto diciendo su número, y luego un dedo por cada uno más',
    fitting: {
      'path-game': 'decir «desde aquí» con un dedo en la casilla, y el primer número solo con el primer paso',
    },
  },
  'answered-another': {
    saw: 'respondió con otro número',
    move: 'lo mismo con uno más o uno menos, primero a la vista y luego escondido',
  },
  'named-another': {
    saw: 'dijo otro número',
    move: 'los dos lado a lado: en qué se parecen y en qué no, repasados con el dedo; después ese entre otros que no se le parecen',
  },
  'took-another': {
    saw: 'cogió otra tarjeta',
    move: 'los dos lado a lado: en qué se parecen y en qué no, repasados con el dedo; después ese entre otros que no se le parecen',
  },
  'left-some': {
    saw: 'dejó algunas',
    move: 'mirar cada una por turno y decir de cada una si va',
  },
  'out-of-order': {
    saw: 'las puso sin orden',
    move: 'decir los números mientras el dedo recorre la fila, y menos tarjetas',
  },
  'another-card': {
    saw: 'unió un grupo con otro número',
    move: 'contar otra vez el grupo con la tarjeta al lado, y grupos con números muy distintos',
  },
  'other-side': {
    saw: 'lo puso al otro lado',
    move: 'decir los números hasta él por la línea: ¿se ha pasado el diez o no?',
  },
  'teen-apart': {
    saw: 'hizo el número de otra manera con sus cifras',
    move: 'poner diez cosas y unas pocas más junto a las tarjetas, y levantar la de unidades para ver el cero',
  },
  'forgot-the-number': {
    saw: 'anotó otro número que el que contó',
    move: 'decir el número una vez más, o poner su tarjeta, antes de que la mano empiece',
  },
  'recorded-another': {
    saw: 'hizo más o menos palitos que cosas',
    move: 'un palito según se aparta cada cosa',
  },
  'fifth-not-across': {
    saw: 'no cruzó el quinto palito',
    move: 'hacer manojos con palos de verdad: cuatro, y el quinto encima',
  },
  'kinds-not-the-whole': {
    saw: 'contó clases que no dan el total',
    move: 'poner todas las clases en una fila después de contar cada una, y seguir contando de una a otra',
  },
  'wrote-another': {
    saw: 'escribió otra cosa que la cifra',
    move: 'repasarla con el dedo en una tarjeta grande, luego en arena, antes del lápiz',
  },
  'faced-round': {
    saw: 'la escribió mirando al otro lado, como casi todos a esta edad',
    move: 'un punto donde empieza y una flecha para el primer trozo, y tiempo: en casi todos se arregla solo',
  },
  'began-elsewhere': {
    saw: 'la empezó en otro sitio',
    move: 'un punto verde donde empieza, y el dedo en el punto antes que el lápiz',
  },
  'went-the-other-way': {
    saw: 'llevó un trazo al revés',
    move: 'tres veces en el aire con sus palabras, y luego en papel',
  },
  'strokes-out-of-order': {
    saw: 'hizo los trazos en otro orden',
    move: 'decir las palabras de cada trazo mientras escribe',
  },
  'digits-turned-round': {
    saw: 'escribió las dos cifras cambiadas',
    move: 'la tarjeta pequeña sobre el cero del diez, y luego escribir lo que hay',
  },
  'wrote-it-as-said': {
    saw: 'lo escribió como se dice, con el diez entero',
    move: 'la tarjeta pequeña sobre el cero del diez, y luego escribir lo que hay',
  },
  'sign-left-out': {
    saw: 'dejó el signo de número',
    move: 'tocar antes el signo en la tarjeta y decir “número” delante de cada uno',
  },
  'cell-mirrored': {
    saw: 'escribió la celdilla al revés',
    move: 'una celdilla grande de seis agujeros junto a la hoja: los mismos puntos en el mismo lado',
  },
  'wrong-row': {
    saw: 'la escribió una fila más arriba o más abajo',
    move: 'un dedo en el borde de arriba de la celdilla antes de leer o escribir',
  },
  'cells-turned-round': {
    saw: 'escribió las celdillas en otro orden',
    move: 'decir las cifras en orden, una por celdilla, después de oír el número',
  },
  'another-cell': {
    saw: 'escribió otra celdilla',
    move: 'primero clavijas en seis agujeros, tocarlas otra vez, y después las teclas',
  },
};
