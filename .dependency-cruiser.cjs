// The floors of each part, from the ground up: a room may use those on lower floors, never its own floor or a higher one.
const floors = {
  'packages/core/src': [
    ['trace', 'common', 'languages'],
    ['numerals'],
    ['ink', 'schools', 'skills'],
    ['estimates', 'reading'],
    ['shelf'],
    ['recording'],
    ['evidence'],
    ['comparing'],
    ['statements', 'simulate'],
    ['asking'],
    ['next', 'testing'],
    ['lines', 'telling'],
  ],
  'apps/server/src': [
    ['wording'],
    ['evidence', 'http', 'common', 'nursery'],
    ['health', 'notHere', 'sight'],
    ['devices', 'languages', 'own'],
    ['openApi', 'childSide', 'trail'],
    ['site', 'schools'],
    ['tries', 'groupTimes'],
    ['decisions', 'demo', 'photos', 'sittings'],
    ['summaries', 'begin', 'setAside'],
    ['children'],
    ['office'],
    ['database'],
  ],
  'apps/web/src': [
    ['wording'],
    ['api', 'amending'],
    ['common'],
    ['childSide', 'dotline', 'office', 'outbox', 'shelf'],
    ['standIns', 'writing'],
    ['child', 'devices', 'entrance', 'passing', 'room', 'sitting'],
    ['begin', 'languages', 'replay', 'search', 'settings', 'today'],
    ['own'],
    ['app'],
  ],
};

const rules = Object.entries(floors).flatMap(([part, ofPart]) =>
  ofPart.flatMap((rooms, floor) => {
    const notBelow = ofPart.slice(floor).flat();
    return rooms.map((room) => ({
      name: `floors-of-${part}/${room}`,
      severity: 'error',
      comment: 'A room uses only rooms on lower floors: see floors in .dependency-cruiser.cjs.',
      from: { path: `^${part}/${room}/` },
      to: { path: `^${part}/(${notBelow.filter((one) => one !== room).join('|')})/` },
    }));
  }),
);

module.exports = {
  forbidden: [
    ...rules.filter(({ to }) => !to.path.endsWith('/()/')),
    {
      name: 'a-room-has-a-floor',
      severity: 'error',
      comment: 'A new room wants its place among the floors in .dependency-cruiser.cjs.',
      from: {
        path: `^(${Object.keys(floors).join('|')})/[^/]+/`,
        pathNot: Object.entries(floors).map(([part, ofPart]) => `^${part}/(${ofPart.flat().join('|')})/`),
      },
      to: {},
    },
    {
      name: 'no-circles-of-files',
      severity: 'error',
      comment: 'Files that need one another are one thing, or a third is missing below them.',
      from: {},
      to: { circular: true },
    },
    {
      name: 'simulated-children-by-their-own-door',
      severity: 'error',
      comment: 'What the app says of a child never comes from a simulated one.',
      from: {
        path: '^packages/core/src/',
        pathNot: ['/(simulate|testing)/', '\\.test\\.ts$', 'src/workings\\.ts$'],
      },
      to: { path: '^packages/core/src/(simulate|testing)/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(\\.test\\.tsx?$|/dist/)' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      extensions: ['.ts', '.tsx', '.js'],
      conditionNames: ['source', 'import', 'default'],
    },
  },
};
