import { sayWith } from '@dotting/contract/said';
import { fetchWhole, whole } from './words.js';

// Whatever is fetched after the first screen is drawn once these are there.
await fetchWhole();

sayWith(() => whole);

export { whole as words } from './words.js';
