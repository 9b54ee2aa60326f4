import { Module } from '@nestjs/common';
import { DevicesModule } from '../devices/devices.module.js';
import { BeginController } from './begin.controller.js';
import { BeginService } from './begin.service.js';

@Module({ imports: [DevicesModule], controllers: [BeginController], providers: [BeginService] })
export class BeginModule {}
