import { Module } from '@nestjs/common';
import { LanguagesModule } from '../languages/languages.module.js';
import { SiteController } from './site.controller.js';
import { Sight } from './sight.service.js';
import { SiteService } from './site.service.js';

@Module({
  imports: [LanguagesModule],
  controllers: [SiteController],
  providers: [SiteService, Sight],
  exports: [Sight],
})
export class SiteModule {}
