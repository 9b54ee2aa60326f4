// What browsers have and jsdom has not.
const { TextDecoder, TextEncoder } = require('node:util');

globalThis.TextDecoder ??= TextDecoder;
globalThis.TextEncoder ??= TextEncoder;
