// Properties run with one seed, so that a run can be repeated; one that failed is kept with its seed in
// fixtures/failing.json, and runs with that from then on. FC_SEED tries another, FC_FORGET keeps none.
const { readFileSync, writeFileSync } = require('node:fs');
const path = require('node:path');
const fc = require('fast-check');

const kept = path.join(__dirname, 'fixtures', 'failing.json');
const usual = Number(process.env.FC_SEED ?? 20261128);
const failing = JSON.parse(readFileSync(kept, 'utf8'));

beforeEach(() => {
  const name = expect.getState().currentTestName;
  fc.configureGlobal({
    seed: failing[name] ?? usual,
    reporter: (details) => {
      if (!details.failed) return;
      failing[name] = details.seed;
      if (!process.env.FC_FORGET) writeFileSync(kept, `${JSON.stringify(failing, null, 2)}\n`);
      throw new Error(fc.defaultReportMessage(details));
    },
  });
});
