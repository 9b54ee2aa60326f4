import { Module } from '@nestjs/common';
import { DevicesModule } from '../devices/devices.module.js';
import { LanguagesModule } from '../languages/languages.module.js';
import { SiteController } from './site.controller.js';
import { OwnModule } from '../own/own.module.js';
import { SightModule } from '../sight/sight.module.js';
import { SiteService } from './site.service.js';

@Module({
  imports: [DevicesModule, LanguagesModule, OwnModule, SightModule],
  controllers: [SiteController],
  providers: [SiteService],
  exports: [OwnModule, SightModule],
})
export class SiteModule {}
