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
  mouthed: 'Anything that’s been in a mouth goes in the wash pot.',
  allergy: 'Allergy: {things} and {allergen}. {name}’s list says {allergies}. Ask before you set them out.',
  allergens: {
    'tree-nuts': 'tree nuts',
  },
};
