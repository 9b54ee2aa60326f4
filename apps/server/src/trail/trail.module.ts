import { Module } from '@nestjs/common';
import { APP_INTERCEPTOR } from '@nestjs/core';
import { TrailController } from './trail.controller.js';
import { TrailInterceptor } from './trail.interceptor.js';
import { TrailService } from './trail.service.js';

@Module({
  controllers: [TrailController],
  providers: [TrailService, { provide: APP_INTERCEPTOR, useClass: TrailInterceptor }],
  exports: [TrailService],
})
export class TrailModule {}
