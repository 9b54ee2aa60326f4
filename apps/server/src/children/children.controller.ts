import { ChildChange, ChildPage, ChildView, TodayView } from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import { Body, Controller, Get, Param, ParseUUIDPipe, Patch } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { For, Present, type AtWork } from '../devices/present.js';
import { ChildrenService } from './children.service.js';

@ApiTags('children')
@Controller('api')
export class ChildrenController {
  constructor(private readonly children: ChildrenService) {}

  @Get('rooms/:id/today')
  @ApiOkResponse({ type: TodayView })
  today(@Present() at: AtWork, @Param('id', ParseUUIDPipe) id: string): Promise<TodayView> {
    return this.children.today(at, id);
  }

  @Get('children/:id')
  @ApiOkResponse({ type: ChildPage })
  page(@Present() at: AtWork, @Param('id', ParseUUIDPipe) id: string): Promise<ChildPage> {
    return this.children.page(at, id as ChildId);
  }

  @For('lead', 'practitioner')
  @Patch('children/:id')
  @ApiOkResponse({ type: ChildView })
  change(
    @Present() at: AtWork,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: ChildChange,
  ): Promise<ChildView> {
    return this.children.change(at, id as ChildId, body);
  }
}
