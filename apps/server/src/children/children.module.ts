import { Module } from '@nestjs/common';
import { TriesModule } from '../tries/tries.module.js';
import { ChildrenController } from './children.controller.js';
import { ChildrenService } from './children.service.js';

@Module({ imports: [TriesModule], controllers: [ChildrenController], providers: [ChildrenService] })
export class ChildrenModule {}
