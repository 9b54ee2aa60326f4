import { Module } from '@nestjs/common';
import { TriesModule } from '../tries/tries.module.js';
import { SittingsController } from './sittings.controller.js';
import { SittingsService } from './sittings.service.js';

@Module({
  imports: [TriesModule],
  controllers: [SittingsController],
  providers: [SittingsService],
  exports: [SittingsService],
})
export class SittingsModule {}
