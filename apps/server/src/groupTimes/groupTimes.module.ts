import { Module } from '@nestjs/common';
import { OwnModule } from '../own/own.module.js';
import { SiteModule } from '../site/site.module.js';
import { GroupTimesController } from './groupTimes.controller.js';
import { GroupTimesService } from './groupTimes.service.js';

@Module({
  imports: [SiteModule, OwnModule],
  controllers: [GroupTimesController],
  providers: [GroupTimesService],
  exports: [GroupTimesService],
})
export class GroupTimesModule {}
