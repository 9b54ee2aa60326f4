import { Module } from '@nestjs/common';
import { CorrectionsService } from './corrections.service.js';
import { DoublesService } from './doubles.service.js';
import { TriesController } from './tries.controller.js';
import { TriesService } from './tries.service.js';

@Module({
  controllers: [TriesController],
  providers: [TriesService, CorrectionsService, DoublesService],
  exports: [TriesService, DoublesService],
})
export class TriesModule {}
