export default {
  chooseFirst: 'Choose your name first',
  codeOf: '{name}’s code',
  choose: 'Choose your name',
  comeIn: 'Come in',
  who: 'Who is here?',
  adults: 'Adults',
  noServer: '{problem} Everything you recorded is safe on this device.',
  once: 'Sign this device in once. After that, each adult comes in with a short code.',
  email: 'Email',
  password: 'Password',
  signIn: 'Sign this device in',
  offlineOne: 'No connection to the server: only {name}, who was here last, can come in.',
  offlineNobody:
    'No connection to the server: nobody can come in now. Everything recorded is safe on this device.',
  wait: 'Too many wrong codes. Wait {n, plural, one {1 second} other {# seconds}}, then try again.',
  wrongCode: 'That code isn’t {name}’s.',
};
