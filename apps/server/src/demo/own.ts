import type { OwnTaskBody, OwnThingsBody } from '@dotting/contract';
import { seededRandom, seedFrom, type OwnTaskId } from '@dotting/core';
import { seededUuid } from '@dotting/core/workings';
import { noTexts } from '@dotting/words';

/** The room that has made something for itself. */
export const ownRoom = 'Upper Pound';

const idOf = (what: string): string => seededUuid(seededRandom(seedFrom(`own ${what}`)));

const rings: OwnThingsBody = {
  one: 'rope ring',
  many: 'rope rings',
  isContainer: false,
  small: false,
  sharp: false,
  mouthable: false,
  food: '',
  across: 60,
  care: 'Count them back on to their hook.',
};
const pot: OwnThingsBody = {
  one: 'tar pot',
  many: 'tar pots',
  isContainer: true,
  small: false,
  sharp: false,
  mouthable: false,
  food: '',
  across: 180,
  care: 'Washed tins with a rolled edge: feel for a sharp rim.',
};

export const ownThings: readonly { readonly id: string; readonly body: OwnThingsBody }[] = [
  { id: idOf('rings'), body: rings },
  { id: idOf('pot'), body: pot },
];

const ringsForTheBoat: OwnTaskBody = {
  language: 'en',
  like: 'give-n',
  ladder: [2, 3, 4, 5, 6, 8],
  minutes: 4,
  only: idOf('rings'),
  pile: 12,
  watchFor: ['gave-another-number'],
  beside: [idOf('pot')],
  texts: {
    ...noTexts,
    name: 'Rings for the boat',
    say: 'The boat needs {n} rope rings. Bring them, please.',
    avoid: 'Don’t count along, and don’t stop the child at the number.',
    childDoes: 'fetches so many rope rings for a boat across the room',
    setOut: 'by the lock gate, the boat across the room',
    also: 'a boat drawn on the floor',
    easier: 'two or three, with the boat beside the pot',
    harder: 'a number read from the boat’s side',
    otherThings: 'Crates for a barge, cups for the crew.',
    wholeGroup: 'One child is the boat, the others bring what it calls for.',
    smallGroup: 'Each calls a number from their own boat.',
    freeTable: 'The rings, and boats with numbers on their sides.',
    home: 'Bring me four spoons from the drawer.',
    movement: 'You carry; the child says “that’s enough”.',
  },
};

export const ownTasks = [
  { id: idOf('rings for the boat') as OwnTaskId, body: ringsForTheBoat },
] as const satisfies readonly { readonly id: OwnTaskId; readonly body: OwnTaskBody }[];
