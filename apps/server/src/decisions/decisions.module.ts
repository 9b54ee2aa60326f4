import { Module } from '@nestjs/common';
import { SiteModule } from '../site/site.module.js';
import { TriesModule } from '../tries/tries.module.js';
import { DecisionsService } from './decisions.service.js';

@Module({
  imports: [SiteModule, TriesModule],
  providers: [DecisionsService],
  exports: [DecisionsService],
})
export class DecisionsModule {}
