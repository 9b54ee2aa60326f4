import { put, tryOf } from '../testing/tryOf.js';
import { observationsOf } from '../evidence/observations.js';
import { readBraille } from './readBraille.js';

const read = (n: number, written: string) => readBraille(tryOf('write-braille', n, put(...written)))!;

test.each([
  ['⠼⠑', []],
  ['⠑', ['sign-left-out']],
  ['⠼⠊', ['cell-mirrored']],
  ['⠼⠢', ['wrong-row']],
  ['⠢', ['sign-left-out', 'wrong-row']],
  ['⠼⠁', ['another-cell']],
])('5 written as %s', (written, slips) => {
  expect(read(5, written)).toMatchObject({ slips, right: slips.length === 0 });
});

test('two cells in the other order, one too few; nothing written says nothing', () => {
  expect(read(12, '⠼⠃⠁').slips).toEqual(['cells-turned-round']);
  expect(read(12, '⠼⠁').slips).toEqual(['another-cell']);
  expect(read(12, '⠼⠁⠃').right).toBe(true);
  expect(read(12, '').right).toBeNull();
});

test('in the maths code the lowered cells are right, and what was written shows of the child', () => {
  const trace = tryOf('write-braille', 5, put('⠼', '⠢'));
  const { layout } = trace.set;
  const inMaths = {
    ...trace,
    set: { ...trace.set, layout: { cards: { ...layout!.cards!, code: 'maths' as const } } },
  };
  expect(readBraille(inMaths)!.right).toBe(true);
  expect(readBraille(trace)!.slips).toEqual(['wrong-row']);
  expect(observationsOf(inMaths).principles['write-braille']).toMatchObject({ success: true });
  expect(observationsOf(trace).principles['write-braille']).toMatchObject({ success: false });
});
