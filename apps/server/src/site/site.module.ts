import { Module } from '@nestjs/common';
import { LanguagesModule } from '../languages/languages.module.js';
import { SiteController } from './site.controller.js';
import { SiteService } from './site.service.js';

@Module({ imports: [LanguagesModule], controllers: [SiteController], providers: [SiteService] })
export class SiteModule {}
