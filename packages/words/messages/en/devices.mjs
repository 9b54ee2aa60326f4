export default {
  stillSending:
    'Wait: this device still has tries to send, and the server isn’t taking them now. Nothing was signed out. Try again.',
  signedInBy: 'Signed in by {name}, {moment}',
  thisOne: 'this device',
  lastSeen: 'last used {moment}',
  signOut: 'Sign out',
  intro:
    'A device you sign out here stops working at its next request, wherever it is, and forgets the children. Tries it has not sent yet are sent first.',
  add: 'Sign in another device',
  addHow:
    'Point the other device’s camera at the square. Or open {address} there, choose “I have a code from a lead”, and type:',
  onlyHere:
    'Only this machine reaches the app now. Run “npm run serve” so that other devices can. The code is:',
  qrCode: 'Address and code, for the other device’s camera',
  addUntil: 'It works once, until {moment}.',
  addNew: 'Another code',
  refusedToo:
    '{n, plural, one {1 try that the server did not accept is} other {# tries that the server did not accept are}} forgotten with it: see Today.',
};
