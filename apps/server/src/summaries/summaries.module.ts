import { OwnModule } from '../own/own.module.js';
import { Module } from '@nestjs/common';
import { DecisionsModule } from '../decisions/decisions.module.js';
import { SchoolsModule } from '../schools/schools.module.js';
import { TriesModule } from '../tries/tries.module.js';
import { Refresher } from './refresher.service.js';
import { SummariesService } from './summaries.service.js';
import { SummaryThread } from './summaryThread.js';

@Module({
  imports: [TriesModule, DecisionsModule, SchoolsModule, OwnModule],
  providers: [SummariesService, SummaryThread, Refresher],
  exports: [SummariesService, Refresher],
})
export class SummariesModule {}
