import { Module } from '@nestjs/common';
import { SiteModule } from '../site/site.module.js';
import { SittingsModule } from '../sittings/sittings.module.js';
import { TriesModule } from '../tries/tries.module.js';
import { SetAsideController } from './setAside.controller.js';
import { SetAsideService } from './setAside.service.js';

@Module({
  imports: [SiteModule, TriesModule, SittingsModule],
  controllers: [SetAsideController],
  providers: [SetAsideService],
  exports: [SetAsideService],
})
export class SetAsideModule {}
