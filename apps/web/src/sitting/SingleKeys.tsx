import { useState } from 'react';
import { Choice } from '../common/Choice.js';
import { words } from '../wording/all.js';
import { keepSingleKeys, usesSingleKeys } from '../common/keptKeys.js';

/** Turns the single keys of this device on and off. */
export function SingleKeys() {
  const [uses, setUses] = useState(usesSingleKeys);
  const choose = (on: boolean): void => {
    keepSingleKeys(on);
    setUses(on);
  };
  return (
    <Choice
      label={words.keys.use()}
      value={uses ? 'on' : 'off'}
      options={[
        ['on', words.keys.on()],
        ['off', words.keys.off()],
      ]}
      onChoose={(chosen) => choose(chosen === 'on')}
    />
  );
}
