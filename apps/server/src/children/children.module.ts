import { Module } from '@nestjs/common';
import { SittingsModule } from '../sittings/sittings.module.js';
import { SiteModule } from '../site/site.module.js';
import { TriesModule } from '../tries/tries.module.js';
import { ChildrenController } from './children.controller.js';
import { DecisionsService } from './decisions.service.js';
import { ExportService } from './export.service.js';
import { RoomService } from './room.service.js';
import { Refresher } from '../summaries/refresher.service.js';
import { SummaryThread } from '../summaries/summaryThread.js';
import { SummariesService } from '../summaries/summaries.service.js';
import { ChildrenService } from './children.service.js';

@Module({
  imports: [SiteModule, TriesModule, SittingsModule],
  controllers: [ChildrenController],
  providers: [
    ChildrenService,
    DecisionsService,
    RoomService,
    ExportService,
    SummariesService,
    SummaryThread,
    Refresher,
  ],
  exports: [SummariesService, Refresher],
})
export class ChildrenModule {}
