import { AsideView, Reason, PutAside, TakeAside } from '@dotting/contract';
import { Body, Controller, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Delivery, For, Present, type AtDevice, type AtWork } from '../common/present.js';
import { Does, Refuses } from '../http/described.js';
import { Id } from '../http/id.pipe.js';
import { SetAsideService } from './setAside.service.js';

@ApiTags('tries')
@Controller('api/set-aside')
export class SetAsideController {
  constructor(private readonly setAside: SetAsideService) {}

  /** A device goes on sending what was recorded at it while nobody is there. */
  @Delivery()
  @Put(':id')
  @HttpCode(204)
  @Does('Keeps a try or a closing page that was refused, for a lead to settle')
  put(@Present() at: AtDevice, @Param('id', Id) id: string, @Body() body: PutAside): Promise<void> {
    return this.setAside.put(at, id, body);
  }

  @For('lead')
  @Get()
  @ApiOkResponse({ type: [AsideView] })
  @Does('What was refused and waits to be settled, newest first')
  view(@Present() at: AtWork): Promise<AsideView[]> {
    return this.setAside.view(at);
  }

  @For('lead')
  @Post(':id/taken')
  @HttpCode(204)
  @Does('Takes it after all, for the child, day and steps that are given')
  @Refuses(409, 422)
  take(@Present() at: AtWork, @Param('id', Id) id: string, @Body() body: TakeAside): Promise<void> {
    return this.setAside.take(at, id, body);
  }

  @For('lead')
  @Post(':id/left-out')
  @HttpCode(204)
  @Does('Leaves it out; it can be taken after all for 60 days')
  leaveOut(@Present() at: AtWork, @Param('id', Id) id: string, @Body() body: Reason): Promise<void> {
    return this.setAside.leaveOut(at, id, body);
  }
}
