import type { PutPhoto } from '@dotting/contract';
import type { ChildId, TraceId } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import type { AtWork } from '../common/present.js';
import { forbidden, impossible, notFound } from '../http/refusals.js';
import type { Child } from '../nursery/child.entity.js';
import { SchoolsService } from '../schools/schools.service.js';
import { Sight } from '../sight/sight.service.js';
import { Try } from '../tries/try.entity.js';
import { spoken } from '../wording/spoken.js';
import { TryPhoto } from './photo.entity.js';
import { stripped } from './stripped.js';

/** Photos of what was written on paper: off unless the room allows them and the family has not objected. */
@Injectable()
export class PhotosService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly sight: Sight,
    private readonly schools: SchoolsService,
  ) {}

  /** Keeps the photo of a try in place of an earlier one. */
  async put(at: AtWork, tryId: TraceId, { jpeg }: PutPhoto): Promise<void> {
    const child = await this.childOf(at, tryId);
    const { photos } = await this.schools.ofChild(child);
    if (photos !== 'allowed') throw forbidden(spoken().refusals.photosOff());
    if (child.photos === false) throw forbidden(spoken().refusals.photosObjected({ name: child.firstName }));
    const picture = stripped(Buffer.from(jpeg, 'base64'));
    if (!picture) throw impossible('jpeg', spoken().refusals.noJpeg());
    const photo = { tryId, jpeg: picture, takenBy: at.adult.id, takenAt: new Date() };
    await this.dataSource.manager.save(TryPhoto, photo);
  }

  async get(at: AtWork, tryId: TraceId): Promise<Buffer> {
    await this.childOf(at, tryId);
    const photo = await this.dataSource.manager.findOneBy(TryPhoto, { tryId });
    if (!photo) throw notFound('photo');
    return photo.jpeg;
  }

  async remove(at: AtWork, tryId: TraceId): Promise<void> {
    await this.childOf(at, tryId);
    await this.dataSource.manager.delete(TryPhoto, { tryId });
  }

  /** The photos of a child, for all that is held about it; the caller has seen to it that the adult sees the child. */
  async ofChild(childId: ChildId): Promise<readonly object[]> {
    const photos = await this.dataSource.manager.findBy(TryPhoto, { try: { childId } });
    return photos.map(({ tryId, takenAt, jpeg }) => ({ tryId, takenAt, jpeg: jpeg.toString('base64') }));
  }

  private async childOf(at: AtWork, tryId: TraceId): Promise<Child> {
    const where = { id: tryId, child: { siteId: at.siteId } };
    const found = await this.dataSource.manager.findOneBy(Try, where);
    if (!found) throw notFound('try');
    return this.sight.child(at, found.childId);
  }
}
