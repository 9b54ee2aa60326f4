/** @jest-environment jsdom */
import { inkMlOf, type InkStroke } from '@dotting/core';
import { strToU8, zipSync } from 'fflate';
import { readInkFile, readInkMl } from './readInkFile.js';

const strokes: readonly InkStroke[] = [
  [
    { x: 0, y: 0, t: 0 },
    { x: 300, y: 900, t: 120 },
  ],
  [{ x: 100, y: 500, t: 400 }],
];
const numeral = {
  numeral: '7',
  writtenAt: '2026-03-02T09:30:00.000+00:00',
  id: '4e4f0f6c-1a7e-4f4f-9a65-1c2b6a0a7f11',
  strokes,
};
const file = (name: string, content: string | Uint8Array<ArrayBuffer>): File => {
  const made = new File([content], name);
  // jsdom has no bytes of a file.
  const bytes = typeof content === 'string' ? strToU8(content) : content;
  made.arrayBuffer = () => Promise.resolve(bytes.buffer as ArrayBuffer);
  return made;
};

test('a numeral goes out and comes in as it was, alone or in a zip', async () => {
  expect(readInkMl(inkMlOf(numeral))).toEqual(numeral);
  expect(await readInkFile(file('7.inkml', inkMlOf(numeral)))).toEqual({ numerals: [numeral] });
  const other = { ...numeral, numeral: '12' };
  const zip = zipSync({
    'a.inkml': strToU8(inkMlOf(numeral)),
    'notes.txt': strToU8('by the lock'),
    'b.inkml': strToU8(inkMlOf(other)),
  }) as Uint8Array<ArrayBuffer>;
  expect(await readInkFile(file('numerals.zip', zip))).toEqual({ numerals: [numeral, other] });
});

test('what was written elsewhere is brought between the lines, its times evenly set where it has none', () => {
  const read = readInkMl(
    '<ink xmlns="http://www.w3.org/2003/InkML"><annotation type="numeral">1</annotation><trace>10 10, 10 30</trace></ink>',
  );
  expect(read).toMatchObject({
    id: null,
    strokes: [
      [
        { x: 0, y: 0, t: 0 },
        { x: 0, y: 1000, t: 10 },
      ],
    ],
  });
});

const ink = (inside: string): string => `<ink xmlns="http://www.w3.org/2003/InkML">${inside}</ink>`;
const five = '<annotation type="numeral">5</annotation>';

test.each([
  ['<ink><trace>', /^it isn’t XML/],
  ['<svg/>', 'it begins with “svg”, and InkML begins with “ink”.'],
  [ink('<trace>1 1</trace>'), /which numeral/],
  [ink(five), /no trace/],
  [ink(`${five}<trace>1 1, 2</trace>`), /^stroke 1, point 2: it has more or fewer values/],
  [ink(`${five}<trace>1 1</trace><trace>1 one</trace>`), 'stroke 2, point 1: this isn’t a number.'],
  [ink(`${five}<annotation type="writtenAt">soon</annotation><trace>1 1</trace>`), /writtenAt/],
])('%s: what is wrong is said, and where', (text, what) => {
  const read = readInkMl(text);
  expect('wrong' in read && read.wrong).toEqual(
    typeof what === 'string' ? what : expect.stringMatching(what),
  );
});

test('of a zip with one broken file nothing is taken, and the file is named', async () => {
  const zip = zipSync({
    'good.inkml': strToU8(inkMlOf(numeral)),
    'bad.inkml': strToU8(ink(five)),
  }) as Uint8Array<ArrayBuffer>;
  expect(await readInkFile(file('numerals.zip', zip))).toEqual({
    wrong: 'bad.inkml: it has no trace, so nothing was written. Nothing was added.',
  });
  const torn = new Uint8Array([0x50, 0x4b, 3, 4, 9, 9]);
  expect(await readInkFile(file('torn.zip', torn))).toMatchObject({
    wrong: expect.stringMatching(/unpacked/),
  });
  expect(await readInkFile(file('empty.zip', zipSync({}) as Uint8Array<ArrayBuffer>))).toMatchObject({
    wrong: 'There are no InkML files in empty.zip.',
  });
});
