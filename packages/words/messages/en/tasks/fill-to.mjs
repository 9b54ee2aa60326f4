export default {
  name: 'Fill the cup',
  say: 'Fill the cup until there are {n} in it.',
  midway: {
    question: 'Are we there yet?',
    options: {
      yes: 'said yes',
      no: 'said no',
    },
  },
  avoid: 'Don’t count along, and don’t slow down near the number.',
  childDoes: 'fills a cup to a number, and is asked part-way whether they are there yet',
  setOut: 'in a pile beside a cup; stop at 5, 10 and 15 to ask',
  also: 'a cup that hides what is in it',
  easier: 'five or six on to a plate, where they can be seen',
  harder: 'a larger number, or two children by turns',
  otherThings: 'Buckets of acorn cups, a barge with so many crates.',
  routine: {
    wholeGroup: 'Everyone brings one until the basket has fifteen.',
    smallGroup: 'Two children fill one cup, a handful of turns each.',
    freeTable: 'Cups with number cards under them.',
  },
  sheet: 'the number asked, what was in the cup, and what was said part-way',
  home: 'Twelve pegs into the bag, please.',
};
