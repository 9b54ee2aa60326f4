import type { ServiceUnavailableException } from '@nestjs/common';
import { lastValueFrom, NEVER } from 'rxjs';
import { Patience } from '../src/http/patience.js';
import { openNursery, TestDevice } from './nursery.js';

test('no question to the database takes longer than half a minute, on whichever connection it is asked', async () => {
  const nursery = await openNursery();
  const limits = await Promise.all(
    Array.from({ length: 8 }, () =>
      nursery.dataSource.query('SELECT @@max_statement_time AS seconds, SLEEP(0.05)'),
    ),
  );
  expect(limits.map(([{ seconds }]) => Number(seconds))).toEqual(Array(8).fill(30));
  await nursery.close();
});

test('a server without its database lives, says that it is not ready, and answers with a sentence', async () => {
  const nursery = await openNursery();
  const device = new TestDevice(nursery.app);
  expect(await device.ask('GET', 'ready')).toMatchObject({ status: 200, body: { status: 'ready' } });
  const { pool } = nursery.dataSource.driver as unknown as { pool: { getConnection: unknown } };
  const working = pool.getConnection;
  pool.getConnection = (then: (error: Error) => void) =>
    then(Object.assign(new Error('refused'), { code: 'ECONNREFUSED' }));
  expect(await device.ask('GET', 'health')).toMatchObject({ status: 200, body: { status: 'well' } });
  const { status, body } = await device.ask('GET', 'ready');
  expect(status).toBe(503);
  expect(body.message).toMatch(/database/i);
  pool.getConnection = working;
  expect((await device.ask('GET', 'ready')).status).toBe(200);
  await nursery.close();
});

test('a database that has stopped in the middle keeps nobody waiting without end', async () => {
  const nursery = await openNursery();
  const device = new TestDevice(nursery.app);
  const { pool } = nursery.dataSource.driver as unknown as { pool: { getConnection: unknown } };
  const working = pool.getConnection;
  pool.getConnection = () => undefined;
  expect((await device.ask('GET', 'ready')).status).toBe(503);
  expect((await device.ask('GET', 'health')).status).toBe(200);
  pool.getConnection = working;
  await nursery.close();

  jest.useFakeTimers();
  const answered = lastValueFrom(new Patience().intercept(undefined, { handle: () => NEVER })).catch(
    (error: ServiceUnavailableException) => error,
  );
  await jest.advanceTimersByTimeAsync(61_000);
  jest.useRealTimers();
  expect(await answered).toMatchObject({ status: 503, message: expect.stringMatching(/database/i) });
});
