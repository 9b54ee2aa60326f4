import { Module } from '@nestjs/common';
import { SittingsModule } from '../sittings/sittings.module.js';
import { GroupTimesModule } from '../groupTimes/groupTimes.module.js';
import { SchoolsModule } from '../schools/schools.module.js';
import { PhotosModule } from '../photos/photos.module.js';
import { OwnModule } from '../own/own.module.js';
import { NotHereModule } from '../notHere/notHere.module.js';
import { SiteModule } from '../site/site.module.js';
import { SummariesModule } from '../summaries/summaries.module.js';
import { TriesModule } from '../tries/tries.module.js';
import { ChildrenController } from './children.controller.js';
import { DecisionsModule } from '../decisions/decisions.module.js';
import { InkService } from './ink.service.js';
import { ExportService } from './export.service.js';
import { RoomService } from './room.service.js';
import { ChildrenService } from './children.service.js';

@Module({
  imports: [
    OwnModule,
    PhotosModule,
    SiteModule,
    TriesModule,
    SittingsModule,
    DecisionsModule,
    SummariesModule,
    NotHereModule,
    GroupTimesModule,
    SchoolsModule,
  ],
  controllers: [ChildrenController],
  providers: [ChildrenService, RoomService, ExportService, InkService],
})
export class ChildrenModule {}
