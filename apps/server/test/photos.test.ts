import type { OfficeView, PresentAdult, ToldTry } from '@dotting/contract';
import { randomUUID } from 'node:crypto';
import { TryPhoto } from '../src/photos/photo.entity.js';
import { stripped } from '../src/photos/stripped.js';
import { eraseChild } from '../src/nursery/erase.js';
import { openNursery, putOf, TestDevice, type Nursery, type TestSite } from './nursery.js';

const segment = (marker: number, text: string): Buffer => {
  const said = Buffer.from(text);
  const head = Buffer.from([0xff, marker, 0, 0]);
  head.writeUInt16BE(said.length + 2, 2);
  return Buffer.concat([head, said]);
};
const start = Buffer.from([0xff, 0xd8]);
const scan = Buffer.from([0xff, 0xda, 0, 2, 1, 2, 3, 0xff, 0xd9]);
/** A picture that tells where it was taken, and with what. */
const photo = Buffer.concat([
  start,
  segment(0xe0, 'JFIF'),
  segment(0xe1, 'Exif by the lock, 52.1 N'),
  segment(0xdb, 'tables'),
  segment(0xfe, 'a comment'),
  scan,
]);

describe(stripped, () => {
  test('leaves the picture, and nothing of where and with what it was taken', () => {
    const bare = Buffer.concat([start, segment(0xe0, 'JFIF'), segment(0xdb, 'tables'), scan]);
    expect(stripped(photo)).toEqual(bare);
    expect(stripped(bare)).toEqual(bare);
  });

  test.each([
    ['a text', Buffer.from('numeral 7')],
    ['nothing', Buffer.alloc(0)],
    ['a picture that breaks off', photo.subarray(0, 30)],
    ['one that never comes to its picture', Buffer.concat([start, segment(0xe0, 'JFIF')])],
  ])('%s is no JPEG', (_, bytes) => expect(stripped(bytes)).toBeNull());
});

describe('a photo of what was written on paper', () => {
  let nursery: Nursery;
  let site: TestSite;
  let lead: TestDevice;
  let device: TestDevice;
  let adult: PresentAdult;
  const room = () => `rooms/${site.roomId}/schools`;

  beforeAll(async () => {
    nursery = await openNursery();
    site = await nursery.addSite('paper');
    [lead, device] = [new TestDevice(nursery.app), new TestDevice(nursery.app)];
    await lead.with(site.staff.lead);
    adult = await device.with(site.staff.practitioner);
  });
  afterAll(() => nursery.close());

  const aTry = async (): Promise<string> => {
    const id = randomUUID();
    await device.ask('PUT', `tries/${id}`, putOf(adult, site.childId, { ended: 'finished' }));
    return id;
  };
  const send = (id: string, bytes = photo) =>
    device.ask('PUT', `tries/${id}/photo`, { jpeg: bytes.toString('base64') });
  const told = async (id: string) => (await device.ask('GET', `tries/${id}`)).body as ToldTry;

  test('is refused until a lead allows photos, and of a child whose family objects', async () => {
    const id = await aTry();
    expect((await send(id)).status).toBe(403);
    await lead.ask('PUT', room(), { photos: 'allowed' });
    await lead.ask('PATCH', `children/${site.childId}`, { photos: false });
    expect((await send(id)).status).toBe(403);
    expect((await told(id)).hasPhoto).toBe(false);
    await lead.ask('PATCH', `children/${site.childId}`, { photos: null });
    expect((await send(id)).status).toBe(204);
    expect((await told(id)).hasPhoto).toBe(true);
  });

  test('is kept without what stands beside the picture, in place of an earlier one, and can be erased', async () => {
    const id = await aTry();
    for (const time of [1, 2]) expect([time, (await send(id)).status]).toEqual([time, 204]);
    const kept = await nursery.dataSource.manager.findOneByOrFail(TryPhoto, { tryId: id as never });
    expect(kept.jpeg).toEqual(stripped(photo));
    expect(kept.jpeg.includes('Exif')).toBe(false);
    expect((await device.ask('GET', `children/${site.childId}/export.json`)).body.photos).toContainEqual(
      expect.objectContaining({ tryId: id, jpeg: kept.jpeg.toString('base64') }),
    );
    expect((await device.ask('DELETE', `tries/${id}/photo`)).status).toBe(204);
    expect((await told(id)).hasPhoto).toBe(false);
    expect((await device.ask('GET', `tries/${id}/photo`)).status).toBe(404);
  });

  test('that is none, or too large, is refused by its field', async () => {
    const id = await aTry();
    expect(await send(id, Buffer.from('no picture'))).toMatchObject({
      status: 422,
      body: { fields: [{ field: 'jpeg' }] },
    });
    expect(await send(id, Buffer.alloc(310_000, 1))).toMatchObject({
      status: 400,
      body: { fields: [{ field: 'jpeg' }] },
    });
    expect((await told(id)).hasPhoto).toBe(false);
  });

  test('goes with the child', async () => {
    const id = await aTry();
    await send(id);
    const other = await nursery.addSite('weir');
    expect((await device.ask('GET', `tries/${randomUUID()}/photo`)).status).toBe(404);
    expect(other.childId).not.toBe(site.childId);
    const { gone, left } = await nursery.dataSource.transaction((manager) =>
      eraseChild(manager, site.childId),
    );
    expect(gone['try_photo']).toBeGreaterThan(0);
    expect(left).toBe(0);
    const office = (await lead.ask('GET', 'office')).body as OfficeView;
    expect(office.children).toEqual([]);
  });
});
