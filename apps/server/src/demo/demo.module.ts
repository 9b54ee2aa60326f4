import { Module } from '@nestjs/common';
import { TriesModule } from '../tries/tries.module.js';
import { DemoService } from './demo.service.js';

@Module({ imports: [TriesModule], providers: [DemoService] })
export class DemoModule {}
