import { AdultSettings, Here } from '@dotting/contract';
import { schoolsOf } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import type { AtDevice, AtWork } from '../common/present.js';
import { DevicesService } from '../devices/devices.service.js';
import { LanguagesService } from '../languages/languages.service.js';
import { Room } from '../nursery/room.entity.js';
import { OwnService } from '../own/own.service.js';
import { Site } from '../nursery/site.entity.js';
import { comesIn, Sight } from '../sight/sight.service.js';
import { asAdult, Staff } from '../nursery/staff.entity.js';

@Injectable()
export class SiteService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly sight: Sight,
    private readonly languages: LanguagesService,
    private readonly own: OwnService,
    private readonly devices: DevicesService,
  ) {}

  async here(at: AtDevice): Promise<Here> {
    const { manager } = this.dataSource;
    const [site, rooms, staff, languages] = await Promise.all([
      manager.findOneByOrFail(Site, { id: at.siteId }),
      at.adult
        ? this.sight.roomsOf({ siteId: at.siteId, adult: at.adult })
        : manager.find(Room, { where: { siteId: at.siteId }, order: { name: 'ASC' } }),
      manager.find(Staff, { where: { siteId: at.siteId }, order: { firstName: 'ASC' } }),
      this.languages.of(at),
    ]);
    // What a room has made for itself is for those who come in.
    const ownOf = await this.own.of(at.adult ? rooms : []);
    return {
      site: site.name,
      isDemo: site.isDemo,
      rooms: rooms.map(({ id, name, schools }) => ({
        id,
        name,
        schools: schoolsOf(schools),
        ...ownOf(id),
      })),
      adults: staff.filter(comesIn).map(asAdult),
      languages,
      adult: at.adult,
      sealing: await this.devices.sealingOf(at, at.deviceId),
    };
  }

  async changeSettings(at: AtWork, { thumb, language }: AdultSettings): Promise<void> {
    await this.dataSource.manager.update(Staff, { id: at.adult.id, siteId: at.siteId }, { thumb, language });
  }
}
