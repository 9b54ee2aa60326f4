import { Module } from '@nestjs/common';
import { SittingsController } from './sittings.controller.js';
import { SittingsService } from './sittings.service.js';

@Module({ controllers: [SittingsController], providers: [SittingsService], exports: [SittingsService] })
export class SittingsModule {}
