export default {
  name: 'Cards in order',
  say: 'Put the cards in order.',
  ways: {
    'from-one': {
      name: 'from 1',
    },
    gaps: {
      name: 'the missing ones',
      say: 'Some are missing. Put them where they go.',
    },
    'from-nought': {
      name: 'from 0',
    },
  },
  avoid: 'Don’t count along while the child lays them.',
  childDoes: 'lays number cards in order, or the ones that are missing',
  also: 'number cards, mixed up, as on the screen',
  easier: 'to five; or one card missing',
  harder: 'to twenty; from 0; shuffled afresh against a friend',
  otherThings: 'Numbered pegs on a string at table height, jar lids, stepping stones.',
  caution: 'A string with numbers is never hung where people walk; mark its ends, and put it away.',
  routine: {
    wholeGroup: 'Everyone holds a card: stand in order.',
    smallGroup: 'A shuffled pack, laid by turns.',
    freeTable: 'Pegs and a string on a board.',
  },
  sheet: 'the row as it was laid',
  home: 'Put these numbered envelopes in order.',
};
