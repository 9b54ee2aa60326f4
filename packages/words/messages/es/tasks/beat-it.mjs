export default {
  name: '¿Más que antes?',
  say: 'Antes cayeron {from, plural, =0 {cero} other {#}}, ahora {makes, plural, =0 {cero} other {#}}. ¿Son más o menos?',
  choosing: {
    question: '¿Qué dijo?',
    options: {
      'more-now': 'más',
      'fewer-now': 'menos',
      'as-many': 'igual',
    },
  },
  avoid: 'No celebres el «más»: «menos» es una respuesta igual de buena.',
  childDoes: 'dice si un turno dio más o menos que el anterior; ninguno cuenta como cero',
  also: 'un cubo y saquitos, o bolos',
  easier: 'las cosas del turno anterior a la vista',
  harder: 'por cuántos',
  otherThings: 'Bolos, aros en un poste, saltos por el muelle.',
  routine: {
    wholeGroup: 'Dos lanzan y los demás dicen qué turno dio más.',
    smallGroup: 'Cada uno lanza tres veces: ¿más que antes?',
    freeTable: 'Un cubo, cinco saquitos y una fila de pinzas para llevar la cuenta.',
  },
  sheet: 'los dos turnos y lo que dijo de ellos',
  home: '¿Cuántos cayeron en la cesta? ¿Más que antes?',
};
