import { Module } from '@nestjs/common';
import { NotHereToday } from './notHere.service.js';

@Module({ providers: [NotHereToday], exports: [NotHereToday] })
export class NotHereModule {}
