export default {
  name: 'Write a number with two digits',
  say: 'Can you write {n}?',
  avoid: 'Don’t say it slowly in its parts: “six … teen” is written as it is heard.',
  childDoes: 'writes a number from 10 to 20',
  also: 'the screen, or paper and a pencil',
  easier: 'make it from the ten card and a ones card first',
  harder: '20 and beyond, in play',
  otherThings: 'Tickets, house numbers, a calendar to fill in.',
  routine: {
    wholeGroup: 'Which number is the date today? One writes it.',
    smallGroup: 'Bundles of ten and some over: write how many.',
    freeTable: 'A calendar with days missing.',
  },
  sheet: 'an empty page',
  home: 'Write today’s date on the calendar.',
};
