export default {
  birthDate: 'Without one, we take care as for a child under 3',
  group: 'A group within the room. Leave it empty if there is none.',
};
