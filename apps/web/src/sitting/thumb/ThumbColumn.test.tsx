/** @jest-environment jsdom */
import { setOf, taskOf, type TaskId, type Word } from '@dotting/core';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { draw } from '../../common/testing.js';
import type { KeyCommand } from '../keys.js';
import type { ThumbColumnProps } from './props.js';
import { ThumbColumn } from './ThumbColumn.js';

/** The column for a task, and all that was pressed in it. */
function column(id: TaskId, props: Partial<ThumbColumnProps> = {}) {
  const task = taskOf(id);
  const pressed: (KeyCommand | readonly [string, Word | null])[] = [];
  draw(
    <ThumbColumn
      phase="counting"
      task={task}
      plan={{ task: id, size: 8, things: 'cork', why: '', language: 'en' }}
      onBegan={() => undefined}
      wasGiven={false}
      set={setOf(task, 8, 'cork')}
      canMark
      wasAsked={false}
      isPutting={false}
      bowl={0}
      isOtherWord={false}
      onOtherWord={(word) => pressed.push(['word', word])}
      onAnswer={(value) => pressed.push(['answer', value])}
      onGiven={(value) => pressed.push(['given', value])}
      onPlaced={(place) => pressed.push(['placed', place])}
      put={[]}
      onCommand={(command) => pressed.push(command)}
      {...props}
    />,
  );
  const button = (name: string | RegExp) => screen.queryByRole('button', { name });
  return { pressed, button, press: (name: string | RegExp) => userEvent.click(button(name)!) };
}

describe('a row that is counted', () => {
  test('before the first touch there is nothing to undo, and the whole count is one tap', async () => {
    const { pressed, button, press } = column('count-row', { phase: 'laying' });
    expect(button('Undo')).toHaveProperty('disabled', true);
    expect(button('How many?')).toBeNull();
    await press('All 8, no slips');
    expect(pressed).toEqual(['whole']);
  });

  test('under way each slip is one tap', async () => {
    const { pressed, press } = column('count-row');
    for (const slip of ['Counted twice', 'Missed one', 'Word, no touch', 'Touch, no word']) await press(slip);
    await press('How many?');
    await press('Undo');
    expect(pressed).toEqual([
      'that-one-again',
      'left-one-out',
      'word-no-touch',
      'touch-no-word',
      'how-many',
      'undo',
    ]);
  });

  test('asked how many, a number is one tap', async () => {
    const { pressed, press } = column('count-row', { phase: 'asked', wasAsked: true });
    await press('8');
    expect(pressed).toEqual([['answer', 8]]);
  });

  test('read, it goes on, and is asked how many only where nobody has', () => {
    expect(column('count-row', { phase: 'read' }).button('How many?')).not.toBeNull();
    expect(screen.getByRole('button', { name: 'Next try' })).toBeTruthy();
    document.body.replaceChildren();
    expect(column('count-row', { phase: 'read', wasAsked: true }).button('How many?')).toBeNull();
  });
});

test('another word is a number, or what was heard', async () => {
  const { pressed, press } = column('count-row', { isOtherWord: true });
  await userEvent.type(screen.getByLabelText('Another number, or the word as you heard it'), 'fiveteen');
  await press('Said');
  expect(pressed).toEqual([['word', 'fiveteen']]);
});

test('of words alone no touch can be marked', () => {
  const { button } = column('say-far');
  expect(button('Counted twice')).toBeNull();
  expect(button('How many?')).toBeNull();
  expect(button(/^Different word/)).not.toBeNull();
});

test('handing over is a number, and nobody is asked how many', async () => {
  const { pressed, button, press } = column('give-n', { phase: 'laying', canMark: false });
  expect(button('How many?')).toBeNull();
  await press('3');
  expect(pressed).toEqual([['given', 3]]);
});
