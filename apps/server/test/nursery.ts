import { randomUUID } from 'node:crypto';
import {
  blankChild,
  type PresentAdult,
  type PutTry,
  type Role,
  type TraceEventBody,
} from '@dotting/contract';
import type { ChildId, SittingId, StaffId } from '@dotting/core';
import type { NestFastifyApplication } from '@nestjs/platform-fastify';
import { hash } from '@node-rs/argon2';
import { DataSource } from 'typeorm';
import { createApp } from '../src/app.js';
import { Child } from '../src/nursery/child.entity.js';
import { Room } from '../src/nursery/room.entity.js';
import { Site } from '../src/nursery/site.entity.js';
import { StaffRoom } from '../src/nursery/staffRoom.entity.js';
import { Staff } from '../src/nursery/staff.entity.js';
import { ownDatabase } from './copyDatabase.js';

export const password = 'a-windlass-in-the-reeds';
export const code = '4711';

export interface TestSite {
  readonly id: string;
  readonly roomId: string;
  readonly childId: ChildId;
  readonly staff: Record<Role, { readonly id: StaffId; readonly email: string }>;
}

/** The app on a database of its own, with sites to try it on. */
export async function openNursery() {
  const { url, drop } = await ownDatabase(process.env['MIGRATED_DATABASE_URL']);
  const app = await createApp({ databaseUrl: url, logs: false });
  await app.init();
  await app.getHttpAdapter().getInstance().ready();
  const dataSource = app.get(DataSource);
  const hashes = { passwordHash: await hash(password), codeHash: await hash(code) };
  return {
    app,
    dataSource,
    addSite: (name: string) => addSite(dataSource, name, hashes),
    close: async () => {
      await app.close();
      await drop();
    },
  };
}

export type Nursery = Awaited<ReturnType<typeof openNursery>>;

/** A nursery with a site, and a practitioner of it at a device. */
export async function openWithAdult(name: string) {
  const nursery = await openNursery();
  const site = await nursery.addSite(name);
  const device = new TestDevice(nursery.app);
  return { nursery, site, device, adult: await device.with(site.staff.practitioner) };
}

async function addSite(
  { manager }: DataSource,
  name: string,
  hashes: Pick<Staff, 'passwordHash' | 'codeHash'>,
): Promise<TestSite> {
  const id = randomUUID();
  const roomId = randomUUID();
  const childId = randomUUID() as ChildId;
  await manager.insert(Site, { id, name });
  await manager.insert(Room, { id: roomId, siteId: id, name: 'Lower Pound', schools: {} });
  await manager.insert(Child, {
    id: childId,
    siteId: id,
    roomId,
    ...blankChild,
    firstName: 'Ottilie',
    lastName: 'Ferry',
  });
  const addStaff = async (role: Role) => {
    const staff = { id: randomUUID() as StaffId, email: `${role}@${name}.example` };
    const names = { firstName: role, lastName: name };
    await manager.insert(Staff, { ...staff, ...names, siteId: id, role, thumb: 'right', ...hashes });
    await manager.insert(StaffRoom, { staffId: staff.id, roomId });
    return staff;
  };
  const staff = {
    lead: await addStaff('lead'),
    practitioner: await addStaff('practitioner'),
    assistant: await addStaff('assistant'),
  };
  return { id, roomId, childId, staff };
}

type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';

/** A device talking to the app, with its cookie. */
export class TestDevice {
  private readonly cookies = new Map<string, string>();

  constructor(private readonly app: NestFastifyApplication) {}

  /** What its app speaks. */
  language = 'en';
  /** What its clock shows, where it says so. */
  clock: string | undefined;

  async ask(method: Method, path: string, body?: object | string) {
    const response = await this.app.inject({
      method,
      url: `/api/${path}`,
      headers: {
        'accept-language': this.language,
        ...(this.clock !== undefined && { 'x-device-clock': this.clock }),
        ...(this.cookies.size > 0 && { cookie: this.cookie }),
        ...(body !== undefined && { 'content-type': 'application/json' }),
      },
      ...(body !== undefined && { payload: body }),
    });
    for (const set of [response.headers['set-cookie'] ?? []].flat()) {
      const [name, value] = set.split(';')[0]!.split('=') as [string, string];
      if (value === '') this.cookies.delete(name);
      else this.cookies.set(name, value);
    }
    return {
      status: response.statusCode,
      headers: response.headers,
      body: response.body === '' ? undefined : response.json(),
    };
  }

  private get cookie(): string {
    return [...this.cookies].map(([name, value]) => `${name}=${value}`).join('; ');
  }

  /** As a page does that locks: what proves the stay is dropped, whether or not the server hears of it. */
  dropStay(): void {
    this.cookies.delete('dotting_stay');
  }

  /** An answer that is no JSON. */
  async text(path: string) {
    const response = await this.app.inject({
      method: 'GET',
      url: `/api/${path}`,
      headers: { cookie: this.cookie },
    });
    return { status: response.statusCode, headers: response.headers, text: response.body };
  }

  signIn(email: string, given = password) {
    return this.ask('POST', 'device', { email, password: given });
  }

  /** Signs the device in and lets the adult come in. */
  async with(staff: { readonly id: StaffId; readonly email: string }): Promise<PresentAdult> {
    await this.signIn(staff.email);
    return (await this.ask('POST', 'adult', { staffId: staff.id, code })).body;
  }
}

/** A try under way, recorded by the adult: four corks in a row. */
export function putOf(adult: PresentAdult, childId: ChildId, facts: Partial<PutTry> = {}): PutTry {
  return {
    childId,
    sittingId: randomUUID() as SittingId,
    recordedBy: adult.id,
    presence: adult.presence,
    startedAt: '2026-03-02T09:30:00.000+01:00',
    task: 'count-row',
    language: 'en',
    set: { size: 4, things: 'cork', arrangement: 'row' },
    start: 1,
    direction: 1,
    help: 'none',
    answeredBy: 'alone',
    firstTime: false,
    ended: null,
    revision: 0,
    events: [],
    ...facts,
  };
}

/** Counts from one word to another, each with a touch. */
export function counts(from: number, to: number): TraceEventBody[] {
  return Array.from({ length: to - from + 1 }, (_, i) => ({
    seq: from + i - 1,
    t: 1000 * (from + i),
    kind: 'count' as const,
    word: from + i,
  }));
}
