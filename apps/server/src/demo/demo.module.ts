import { Module } from '@nestjs/common';
import { TriesModule } from '../tries/tries.module.js';
import { DemoController } from './demo.controller.js';
import { DemoService } from './demo.service.js';

@Module({ imports: [TriesModule], controllers: [DemoController], providers: [DemoService] })
export class DemoModule {}
