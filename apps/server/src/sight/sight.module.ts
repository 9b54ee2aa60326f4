import { Module } from '@nestjs/common';
import { Sight } from './sight.service.js';

@Module({ providers: [Sight], exports: [Sight] })
export class SightModule {}
