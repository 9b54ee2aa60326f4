import { sayWith } from '@dotting/contract/said';
import { english } from '@dotting/words/all';
import { speakWith, whole } from './src/wording/words.js';

speakWith(english);
sayWith(() => whole);

export { whole as words } from './src/wording/words.js';
