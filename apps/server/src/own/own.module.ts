import { Module } from '@nestjs/common';
import { SightModule } from '../sight/sight.module.js';
import { OwnController } from './own.controller.js';
import { OwnService } from './own.service.js';
import { TaskFiles } from './taskFile.service.js';

@Module({
  imports: [SightModule],
  controllers: [OwnController],
  providers: [OwnService, TaskFiles],
  exports: [OwnService],
})
export class OwnModule {}
