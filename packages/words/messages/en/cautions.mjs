export default {
  choking: {
    mouths:
      'Choking risk: {things} are small and {name} still mouths things. Stay within arm’s reach, or use something bigger. Your setting’s rules come first.',
    'no-birth-date':
      'Choking risk: {things} are small and {name} has no birth date here. Stay within arm’s reach, or use something bigger. Your setting’s rules come first.',
    'under-three':
      'Choking risk: {things} are small and {name} is under 3. Stay within arm’s reach, or use something bigger. Your setting’s rules come first.',
  },
  smallParts: 'Small parts: stay with the {things} while they are out.',
  sharp: 'Sharp: hand out the {things} yourself, and stay with them.',
  food: 'Food: {things} ({food}). Ask the family first. What has been counted is not eaten.',
  foodAndAllergy:
    'Food: {things} ({food}). {name}’s list says {allergies}. Ask the family before you set them out. What has been counted is not eaten.',
  mouthed: 'Anything that’s been in a mouth goes in the wash pot.',
  allergy: 'Allergy: {things} and {allergen}. {name}’s list says {allergies}. Ask before you set them out.',
  allergens: {
    'tree-nuts': 'tree nuts',
  },
};
