export default {
  title: 'Show of hands',
  intro:
    'Things fall into a tin. Every child decides alone; tap who put a hand up for each number, then open the tin.',
  offered: 'Numbers to choose from (two or three)',
  eyes: 'Eyes',
  shut: 'shut',
  open: 'open, in sight of others',
  nowTap: 'Now tap',
  whoIsHere: 'who is here',
  handsFor: 'hands for {n}',
  children: 'Children',
  notHere: 'not here',
  handFor: '{name}, hand up for {n}',
  isHere: '{name}, here',
  isNotHere: '{name}, not here',
  were: 'In the tin there were',
  keep: '{n, plural, one {Keep 1 hand} other {Keep # hands}}',
  kept: '{n, plural, one {1 hand kept} other {# hands kept}}. In the tin there were {were}.',
  thereKept:
    '{n, plural, one {The 1 child who was there has met the game now} other {All # who were there have met the game now}}.',
  thereNotKept:
    'That all who were there have met the game could not be kept ({problem}). Put it down under As a group when you are connected.',
  notKept:
    'Not every hand could be kept on this device ({problem}). Those still shown are not kept yet: try again.',
  known: 'The game is',
  usual: 'known to them',
  firstTime: 'new to them',
};
