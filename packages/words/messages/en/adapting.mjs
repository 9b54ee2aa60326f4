export default {
  counting: {
    vision:
      'A tray with a rim and a non-slip mat; things that differ by touch. One hand keeps the place, the other moves on.',
    hearing: 'Sign the question. Signed number words are words; watch the hands as you would listen.',
    movement: 'You move the things; the child says “now” for each and “stop” at the last.',
    speech: 'The child points to a number card, or uses their own device, for each word or for the answer.',
    language: 'Ask in the room’s language and count in the child’s. Write down which.',
    attention: 'Three things, two minutes, and come back later in the day.',
  },
  saying: {
    vision: 'There is nothing to see here. Sit close, and say when you start to listen.',
    hearing: 'Signed number words, facing the child; beats are shown by a light or a tap on the arm.',
    movement: 'Steps and jumps become nods or taps, or you move and the child says the word.',
    speech: 'You say the words slowly; the child stops you where one is missing or wrong.',
    language: 'Once in the room’s language, once in the home language: one language a try.',
    attention: 'As far as five, on the way to somewhere.',
  },
  seeing: {
    vision: 'Shapes cut out to feel under the hand for a moment, or counted things instead.',
    hearing: 'Sign the question before they show: while they do, there is nothing to hear.',
    movement: 'Nothing to do with the hands. Turn the screen to where the child looks best.',
    speech: 'The child points to a number card, shows fingers, or uses their own device.',
    language: 'Answers count in any language.',
    attention: 'One to three, twice, and that’s all.',
  },
  writing: {
    vision: 'A thick dark pen on yellow paper, or a finger in a tray of sand with a raised edge.',
    hearing: 'Sign the number, and let the child see your hand form it first.',
    movement: 'A fat stub of chalk, a slope under the page, a finger in paint. Size says nothing here.',
    speech: 'Nothing has to be said: show the number on fingers or with a set.',
    language: 'Say the number in the child’s language; the numeral is the same.',
    attention: 'One numeral, once. A clean page each time.',
  },
  reading: {
    vision:
      'Raised numerals or braille on cards that lie in a frame, so that they stay where the hand found them.',
    hearing: 'Sign the question, then let the child look. A signed number is a name.',
    movement: 'The child looks or says “that one”; you move the cards.',
    speech: 'For a name the child shows fingers, points to a set, or uses their own device.',
    language: 'A name counts in any language. Write down which.',
    attention: 'Three cards, and that’s all.',
  },
  giving: {
    vision:
      'A tray with a rim and a non-slip mat; things that differ by touch. One hand keeps the place, the other moves on.',
    hearing: 'Sign the question. Signed number words are words; watch the hands as you would listen.',
    movement: 'You put them over one by one; the child says “stop”.',
    speech: 'The child points to a number card, or uses their own device, for each word or for the answer.',
    language: 'Ask in the room’s language and count in the child’s. Write down which.',
    attention: 'Three things, two minutes, and come back later in the day.',
  },
};
