export default {
  name: 'Count, then write how many',
  say: 'Count them. Now write how many there are.',
  avoid: 'Don’t say the number again while the child writes.',
  childDoes: 'counts, then writes the number',
  setOut: 'in a row',
  also: 'the screen, or paper and a pencil',
  easier: 'a card with the number instead of writing',
  harder: 'turn away before writing',
  otherThings: 'Shells in jars with labels to write.',
  routine: {
    wholeGroup: 'Count the boats on the canal, write it in the air.',
    smallGroup: 'Each counts a cupful and writes its label.',
    freeTable: 'Jars, things to put in, labels and pencils.',
  },
  sheet: 'a row of pictures and a box to write in',
  home: 'Count the eggs, and write the number on the box.',
};
