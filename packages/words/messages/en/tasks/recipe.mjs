export default {
  name: 'The four bowls',
  say: 'Here is the recipe. Fill each bowl as it says.',
  avoid: 'Don’t point to a bowl, and don’t put anything back.',
  childDoes: 'follows a written recipe at four bowls',
  setOut: 'in four dishes, each by its bowl, with the recipe beside them',
  also: 'four bowls, the recipe, written large',
  easier: 'one bowl, one number',
  harder: 'one large number',
  otherThings: 'Mud kitchen soup, a picnic for the crew.',
  adaptations: {
    attention: 'One bowl only, and the next one later in the day.',
  },
  caution: 'Nothing from the bowls is eaten, unless the setting planned it so.',
  routine: {
    wholeGroup: 'Cooking for Otter: the recipe on the big sheet, one bowl each.',
    smallGroup: 'Four children, four bowls, one recipe.',
    freeTable: 'Recipe cards and empty bowls.',
  },
  sheet: 'the recipe, with what was in each bowl',
  home: 'Baking by a recipe of whole cups.',
};
