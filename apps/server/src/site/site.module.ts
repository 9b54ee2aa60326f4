import { Module } from '@nestjs/common';
import { LanguagesModule } from '../languages/languages.module.js';
import { SiteController } from './site.controller.js';
import { SightModule } from '../sight/sight.module.js';
import { SiteService } from './site.service.js';

@Module({
  imports: [LanguagesModule, SightModule],
  controllers: [SiteController],
  providers: [SiteService],
  exports: [SightModule],
})
export class SiteModule {}
