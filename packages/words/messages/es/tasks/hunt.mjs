export default {
  name: 'Paseo de números',
  say: 'En cada letra hay un grupo. ¿Cuántos hay? Escríbelo junto a la letra.',
  avoid: 'No vayas delante ni corrijas por el camino. La hoja lo dirá después.',
  childDoes: 'recorre el aula de letra en letra y escribe o pone cuántos hay en cada una',
  also: 'un grupo en cada letra como en la pantalla, y una hoja con las letras; después se copia aquí lo escrito',
  easier: 'tres letras, y tarjetas en vez de escribir',
  harder: 'diez letras, con dibujos que no se pueden tocar',
  otherThings: 'Por la orilla, por la escalera, en el ropero.',
  caution: 'Nada a la altura de la cabeza, ni en la escalera ni junto al agua sin un adulto al lado.',
  routine: {
    wholeGroup: 'Se trae un grupo cada vez: todos lo escriben en el aire.',
    smallGroup: 'De dos en dos: uno cuenta y otro escribe.',
    freeTable: 'Las letras se quedan toda la semana, con hojas en una tablilla.',
  },
  sheet: 'una letra y una casilla para cada sitio',
  home: '¿Cuántos hay en A, los ganchos? ¿Y en B, los escalones? Escríbelo.',
};
