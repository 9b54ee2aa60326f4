// What browsers have and jsdom has not.
const { TextDecoder, TextEncoder } = require('node:util');
const v8 = require('node:v8');

globalThis.TextDecoder ??= TextDecoder;
globalThis.TextEncoder ??= TextEncoder;
globalThis.structuredClone ??= (value) => v8.deserialize(v8.serialize(value));
