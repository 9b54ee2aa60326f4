import { Module } from '@nestjs/common';
import { DevicesModule } from '../devices/devices.module.js';
import { ChildSideController } from './childSide.controller.js';
import { ChildSideService } from './childSide.service.js';

@Module({
  imports: [DevicesModule],
  controllers: [ChildSideController],
  providers: [ChildSideService],
})
export class ChildSideModule {}
