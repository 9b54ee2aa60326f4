import { Module } from '@nestjs/common';
import { SchoolsModule } from '../schools/schools.module.js';
import { SiteModule } from '../site/site.module.js';
import { PhotosController } from './photos.controller.js';
import { PhotosService } from './photos.service.js';

@Module({
  imports: [SiteModule, SchoolsModule],
  controllers: [PhotosController],
  providers: [PhotosService],
  exports: [PhotosService],
})
export class PhotosModule {}
