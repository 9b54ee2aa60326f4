export default {
  name: 'Give me so many',
  say: 'Put {n} on the plate for me.',
  avoid: 'Don’t count along, and don’t stop the child’s hand.',
  childDoes: 'hands over so many from a pile',
  setOut: 'in a pile in front of the child, a plate beside it',
  also: 'a plate',
  easier: 'a set of two or three, counted together and asked about',
  harder: 'a number above four, which needs counting',
  otherThings: 'Lids for jars, spoons for places, boats for the lock.',
  routine: {
    wholeGroup: 'One child fetches chairs for the circle: three more, please.',
    smallGroup: 'A shop by the lock, selling so many shells.',
    freeTable: 'Plates with number cards, and a basket to fill them from.',
  },
  sheet: 'asked and given, request by request',
  home: 'Bring me two forks, please.',
};
