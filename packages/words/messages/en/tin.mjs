export default {
  ways: {
    softly: 'softly',
    usual: 'as usual',
    loudly: 'loudly',
    light: 'light, no sound',
  },
  dropping: 'Dropping …',
  dropAgain: 'Drop them again',
  drop: 'Drop them',
  how: 'How the tin tells',
};
