// @ts-check
import { mkdir, rm } from 'node:fs/promises';
import path from 'node:path';
import { startDatabase } from './database.mjs';
import { freePort } from './ports.mjs';
import { root } from './run.mjs';
import { startServer } from './server.mjs';

/** Runs the built app with a demo nursery just loaded, in a folder of its own, while `use(url, databaseUrl)` lasts. */
export async function withDemo(name, use) {
  const folder = path.join(root, '.data', name);
  await rm(folder, { recursive: true, force: true });
  await mkdir(folder, { recursive: true });
  const database = await startDatabase(folder);
  try {
    const server = await startServer({
      databaseUrl: database.url,
      port: await freePort(),
      host: '127.0.0.1',
      logFile: path.join(folder, 'server.log'),
    });
    try {
      return await use(server.url, database.url);
    } finally {
      await server.stop();
    }
  } finally {
    await database.stop();
  }
}

/** Debian's Chromium, with one page of it signed in and an adult of the demo nursery at it. */
export async function withAdult(url, firstName, use) {
  const { chromium } = await import('@playwright/test');
  const { adults, demoPassword, emailOf } = await import('../../apps/server/dist/demo/nursery.js');
  const adult = adults.find((one) => one.firstName === firstName);
  if (!adult) throw new Error(`No adult of the demo nursery is called ${firstName}`);
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-background-networking'],
  });
  try {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' });
    const page = await context.newPage();
    await page.goto(url);
    await page.getByLabel('Email').fill(emailOf(adult));
    await page.getByLabel('Password').fill(demoPassword);
    await page.getByRole('button', { name: 'Sign this device in' }).click();
    const comeIn = async () => {
      await page.getByRole('button', { name: firstName, exact: true }).click();
      await page.keyboard.type(adult.code);
      await page.keyboard.press('Enter');
      await page.getByText('Who is here?').waitFor({ state: 'hidden' });
    };
    return await use(page, comeIn);
  } finally {
    await browser.close();
  }
}
