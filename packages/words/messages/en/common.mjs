export default {
  loading: 'Loading …',
  noConnection: 'No connection to the server.',
  edit: 'Edit',
  save: 'Save',
  cancel: 'Cancel',
  sitDownWith: 'Sit down with {name}',
  print: 'Print',
  anotherReason: 'Another reason',
  why: 'Why?',
  tryAgain: 'Try again',
  delete: 'Delete',
  add: 'Add',
  sitDown: 'Sit down',
  and: ' and ',
  leftOut: 'Left out',
  unread:
    '{n, plural, one {1 try} other {# tries}} can’t be read. {n, plural, one {It stays} other {They stay}} on record but {n, plural, one {isn’t} other {aren’t}} counted.',
  notWorkedOut:
    '{name}’s tries are safe, but we could not work out what they show. What you see of {name} may be old.',
  all: 'all',
};
