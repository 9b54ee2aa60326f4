import { Controller, Delete, HttpCode } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { DataSource } from 'typeorm';
import { For, Present, type AtWork } from '../common/present.js';
import { Does, Refuses } from '../http/described.js';
import { clash } from '../http/refusals.js';
import { Site } from '../nursery/site.entity.js';
import { spoken } from '../wording/spoken.js';
import { removeDemo } from './removeDemo.js';

@ApiTags('site')
@Controller('api/demo')
export class DemoController {
  constructor(private readonly dataSource: DataSource) {}

  @For('lead')
  @Delete()
  @HttpCode(204)
  @Does('Takes the demo nursery away for good')
  @Refuses(409)
  async remove(@Present() { siteId }: AtWork): Promise<void> {
    await this.dataSource.transaction(async (manager) => {
      if (await manager.existsBy(Site, { id: siteId, isDemo: true })) throw clash(spoken().refusals.inDemo());
      await removeDemo(manager);
    });
  }
}
