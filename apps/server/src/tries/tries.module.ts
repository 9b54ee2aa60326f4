import { Module } from '@nestjs/common';
import { SiteModule } from '../site/site.module.js';
import { CorrectionsService } from './corrections.service.js';
import { DoublesService } from './doubles.service.js';
import { MayRecord } from './mayRecord.js';
import { TriesController } from './tries.controller.js';
import { TriesService } from './tries.service.js';

@Module({
  imports: [SiteModule],
  controllers: [TriesController],
  providers: [MayRecord, TriesService, CorrectionsService, DoublesService],
  exports: [MayRecord, TriesService, DoublesService],
})
export class TriesModule {}
