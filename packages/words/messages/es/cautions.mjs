export default {
  choking: {
    mouths:
      'Riesgo de atragantarse: son piezas pequeñas ({things}) y {name} aún se lleva cosas a la boca. Quédate al alcance de la mano o usa algo más grande. Las normas de tu centro van primero.',
    'no-birth-date':
      'Riesgo de atragantarse: son piezas pequeñas ({things}) y no hay fecha de nacimiento de {name}. Quédate al alcance de la mano o usa algo más grande. Las normas de tu centro van primero.',
    'under-three':
      'Riesgo de atragantarse: son piezas pequeñas ({things}) y {name} tiene menos de 3 años. Quédate al alcance de la mano o usa algo más grande. Las normas de tu centro van primero.',
  },
  smallParts: 'Piezas pequeñas ({things}): quédate cerca mientras estén fuera.',
  sharp: 'Cortan o pinchan ({things}): repártelas tú y quédate cerca.',
  food: 'Comida: {things} ({food}). Pregunta antes a la familia. Lo que se ha contado no se come.',
  foodAndAllergy:
    'Comida: {things} ({food}). La lista de {name} dice {allergies}. Pregunta a la familia antes de ponerla. Lo que se ha contado no se come.',
  mouthed: 'Lo que haya estado en una boca va al cubo de lavar.',
  allergy: 'Alergia: {things} y {allergen}. La lista de {name} dice {allergies}. Pregunta antes de ponerlas.',
  allergens: {
    'tree-nuts': 'frutos secos',
  },
};
