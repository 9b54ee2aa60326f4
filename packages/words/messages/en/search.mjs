export default {
  title: 'Search',
  what: 'A child, a task or a setting',
  key: 'Search, key /',
  tasks: 'Tasks',
  with: '{task} – with whom?',
  nothing: 'Nothing is called that.',
  loading: 'Looking up the children …',
};
