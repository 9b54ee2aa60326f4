export default {
  title: 'Comes first',
  die: {
    name: 'Rolling a die and finding it again',
    how: 'Put the die in a clear egg box with a lid, shake, and look through the lid: it never rolls away. Then let it roll on a tray with a rim. Feeling for it with a flat hand comes before picking it up.',
  },
  envelope: {
    name: 'Opening an envelope',
    how: 'Begin with a large one that is not stuck down, a card half out of it. Hold it still with one hand and pull with the other; then with the card quite inside; then with the flap tucked in.',
  },
  cup: {
    name: 'Finding a cup again without spilling',
    how: 'Stand the cup in a shallow tray, always at the same place. One hand stays on the rim while the other fetches. Then let go of the rim, and come back to it along the edge of the tray.',
  },
  heldBack: 'Until then these wait: {tasks}.',
  oneWay: '{task} (with {way})',
  canNow: 'Can do it now',
};
