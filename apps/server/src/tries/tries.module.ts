import { Module } from '@nestjs/common';
import { SiteModule } from '../site/site.module.js';
import { CorrectionsService } from './corrections.service.js';
import { DoublesService } from './doubles.service.js';
import { TriesController } from './tries.controller.js';
import { TriesService } from './tries.service.js';

@Module({
  imports: [SiteModule],
  controllers: [TriesController],
  providers: [TriesService, CorrectionsService, DoublesService],
  exports: [TriesService, DoublesService],
})
export class TriesModule {}
