import {
  AdultChange,
  AdultSecrets,
  ChildView,
  ConfirmErasures,
  EraseChild,
  EraseWait,
  Erasure,
  ImportReport,
  ImportRequest,
  NewAdult,
  NewChild,
  OfficeView,
  PlaceChange,
  PutRoom,
} from '@dotting/contract';
import type { ChildId, StaffId } from '@dotting/core';
import { Body, Controller, Delete, Get, Header, HttpCode, Param, Patch, Post, Put } from '@nestjs/common';
import { Id } from '../http/id.pipe.js';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { today } from '../common/today.js';
import { For, Present, type AtWork } from '../common/present.js';
import { ErasuresService } from './erasures.service.js';
import { PeopleService } from './people.service.js';
import { RegisterService } from './register.service.js';

/** What a lead looks after: the register, rooms and adults, and what is erased. */
@For('lead')
@ApiTags('office')
@Controller('api/office')
export class OfficeController {
  constructor(
    private readonly register: RegisterService,
    private readonly people: PeopleService,
    private readonly erasures: ErasuresService,
  ) {}

  @Get()
  @ApiOkResponse({ type: OfficeView })
  async view(@Present() at: AtWork): Promise<OfficeView> {
    await this.erasures.show(at);
    const [eraseWaitDays, rooms, adults, children, erasures] = await Promise.all([
      this.people.eraseWait(at),
      this.people.rooms(at),
      this.people.adults(at),
      this.register.children(at),
      this.erasures.of(at),
    ]);
    return { day: today(), rooms, adults, children, erasures, eraseWaitDays };
  }

  @Post('children')
  @ApiOkResponse({ type: ChildView })
  add(@Present() at: AtWork, @Body() body: NewChild): Promise<ChildView> {
    return this.register.add(at, body);
  }

  @Patch('children/:id')
  @HttpCode(204)
  place(@Present() at: AtWork, @Param('id', Id) id: ChildId, @Body() body: PlaceChange): Promise<void> {
    return this.register.place(at, id, body);
  }

  @Get('children.csv')
  @Header('content-type', 'text/csv; charset=utf-8')
  @Header('content-disposition', 'attachment; filename="register.csv"')
  csv(@Present() at: AtWork): Promise<string> {
    return this.register.asCsv(at);
  }

  /** Takes a file's rows in, or only says what would happen. */
  @Post('children/import')
  @HttpCode(200)
  @ApiOkResponse({ type: ImportReport })
  takeIn(@Present() at: AtWork, @Body() body: ImportRequest): Promise<ImportReport> {
    return this.register.takeIn(at, body);
  }

  /** Erases children whose time is up, once a lead has confirmed them. */
  @Post('erasures')
  @HttpCode(200)
  @ApiOkResponse({ type: Erasure, isArray: true })
  eraseConfirmed(@Present() at: AtWork, @Body() body: ConfirmErasures): Promise<Erasure[]> {
    return this.erasures.eraseConfirmed(at, body.childIds);
  }

  @Put('erase-wait')
  @HttpCode(204)
  putEraseWait(@Present() at: AtWork, @Body() body: EraseWait): Promise<void> {
    return this.people.putEraseWait(at, body.days);
  }

  @Post('children/:id/erase')
  @HttpCode(200)
  @ApiOkResponse({ type: Erasure })
  erase(@Present() at: AtWork, @Param('id', Id) id: ChildId, @Body() body: EraseChild): Promise<Erasure> {
    return this.erasures.eraseNow(at, id, body.firstName);
  }

  @Put('rooms/:id')
  @HttpCode(204)
  putRoom(@Present() at: AtWork, @Param('id', Id) id: string, @Body() body: PutRoom): Promise<void> {
    return this.people.putRoom(at, id, body);
  }

  @Delete('rooms/:id')
  @HttpCode(204)
  removeRoom(@Present() at: AtWork, @Param('id', Id) id: string): Promise<void> {
    return this.people.removeRoom(at, id);
  }

  @Post('adults')
  @ApiOkResponse({ type: AdultSecrets })
  addAdult(@Present() at: AtWork, @Body() body: NewAdult): Promise<AdultSecrets> {
    return this.people.addAdult(at, body);
  }

  @Patch('adults/:id')
  @HttpCode(204)
  changeAdult(@Present() at: AtWork, @Param('id', Id) id: StaffId, @Body() body: AdultChange): Promise<void> {
    return this.people.changeAdult(at, id, body);
  }

  @Post('adults/:id/secrets')
  @HttpCode(200)
  @ApiOkResponse({ type: AdultSecrets })
  renew(@Present() at: AtWork, @Param('id', Id) id: StaffId): Promise<AdultSecrets> {
    return this.people.renewSecrets(at, id);
  }
}
