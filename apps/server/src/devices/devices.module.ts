import { Module } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { AttemptsService } from './attempts.service.js';
import { DeviceGuard } from './device.guard.js';
import { DevicesController } from './devices.controller.js';
import { DevicesService } from './devices.service.js';

@Module({
  controllers: [DevicesController],
  providers: [DevicesService, AttemptsService, { provide: APP_GUARD, useClass: DeviceGuard }],
  exports: [AttemptsService, DevicesService],
})
export class DevicesModule {}
