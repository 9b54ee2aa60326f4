export default {
  firstName: 'First name',
  group: 'Group',
  name: 'Name',
  room: 'Room',
  lastName: 'Last name',
  countsInNow: 'Counts in',
};
