export default {
  title: 'Settings',
  own: 'Your settings',
  ideas: 'Teaching ideas',
  languages: 'Languages',
  devices: 'Signed-in devices',
  thumb: 'In a sitting your buttons are on the',
  side: '{side, select, left {left} other {right}}',
  language: 'Dotting speaks to you in',
  unread: '{name}: a first draft, no native speaker has read it yet.',
  notChanged: '{problem} Nothing was changed. Try again in a moment.',
  schools: 'Ways of the room',
};
