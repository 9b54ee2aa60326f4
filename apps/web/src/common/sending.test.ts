import { NoConnection, Refused } from '../api/http.js';
import { sending } from './sending.js';

interface Values {
  name: string;
  months: number;
}

/** What comes to stand beside the fields, and for the form as a whole. */
async function told(send: () => Promise<void>): Promise<Record<string, string>> {
  const said: Record<string, string> = {};
  await sending<Values>((field, { message }) => void (said[field] = message!), send);
  return said;
}

const refused = (fields: { field: string; message: string }[]) =>
  new Refused({ statusCode: 409, message: 'There is a room of this name already.', fields });

test('what is sent and taken says nothing', async () => {
  expect(await told(() => Promise.resolve())).toEqual({});
});

test('a refusal stands beside its field, and once for the form', async () => {
  const fields = [{ field: 'name', message: 'Choose another name.' }];
  expect(await told(() => Promise.reject(refused(fields)))).toEqual({
    name: 'Choose another name.',
    root: 'There is a room of this name already.',
  });
});

test('without an answer the form says so, and no field is to blame', async () => {
  expect(await told(() => Promise.reject(new NoConnection()))).toEqual({
    root: 'No connection to the server.',
  });
});
