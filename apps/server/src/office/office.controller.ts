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
import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post, Put } from '@nestjs/common';
import { Id } from '../http/id.pipe.js';
import { ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { today } from '../common/today.js';
import { For, Present, type AtWork } from '../common/present.js';
import { ErasuresService } from './erasures.service.js';
import { PeopleService } from './people.service.js';
import { RegisterService } from './register.service.js';
import { AnswersFile, Does, Refuses } from '../http/described.js';

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
  @Does('The register, rooms, adults, and what was erased')
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
  @ApiCreatedResponse({ type: ChildView })
  @Does('Adds a child')
  @Refuses(409)
  add(@Present() at: AtWork, @Body() body: NewChild): Promise<ChildView> {
    return this.register.add(at, body);
  }

  @Patch('children/:id')
  @HttpCode(204)
  @Does('Moves a child to another room, names adults who see it, or says when it left')
  @Refuses(409)
  place(@Present() at: AtWork, @Param('id', Id) id: ChildId, @Body() body: PlaceChange): Promise<void> {
    return this.register.place(at, id, body);
  }

  @Get('children.csv')
  @AnswersFile('register.csv')
  @Does('The register, one line for each child, to take away')
  csv(@Present() at: AtWork): Promise<string> {
    return this.register.asCsv(at);
  }

  @Post('children/import')
  @HttpCode(200)
  @ApiOkResponse({ type: ImportReport })
  @Does('Takes children in from a file’s cells, or only says what would happen')
  takeIn(@Present() at: AtWork, @Body() body: ImportRequest): Promise<ImportReport> {
    return this.register.takeIn(at, body);
  }

  @Post('erasures')
  @HttpCode(200)
  @ApiOkResponse({ type: Erasure, isArray: true })
  @Does('Erases children whose time is up, once a lead has confirmed them')
  @Refuses(409)
  eraseConfirmed(@Present() at: AtWork, @Body() body: ConfirmErasures): Promise<Erasure[]> {
    return this.erasures.eraseConfirmed(at, body.childIds);
  }

  @Put('erase-wait')
  @HttpCode(204)
  @Does('How long a lead is shown a child that is due to be erased before it goes')
  putEraseWait(@Present() at: AtWork, @Body() body: EraseWait): Promise<void> {
    return this.people.putEraseWait(at, body.days);
  }

  @Post('children/:id/erase')
  @HttpCode(200)
  @ApiOkResponse({ type: Erasure })
  @Does('Erases a child now; its first name has to be typed')
  @Refuses(409)
  erase(@Present() at: AtWork, @Param('id', Id) id: ChildId, @Body() body: EraseChild): Promise<Erasure> {
    return this.erasures.eraseNow(at, id, body.firstName);
  }

  @Put('rooms/:id')
  @HttpCode(204)
  @Does('Adds a room, or changes it')
  @Refuses(409)
  putRoom(@Present() at: AtWork, @Param('id', Id) id: string, @Body() body: PutRoom): Promise<void> {
    return this.people.putRoom(at, id, body);
  }

  @Delete('rooms/:id')
  @HttpCode(204)
  @Does('Removes a room in which nobody is')
  @Refuses(409)
  removeRoom(@Present() at: AtWork, @Param('id', Id) id: string): Promise<void> {
    return this.people.removeRoom(at, id);
  }

  @Post('adults')
  @ApiCreatedResponse({ type: AdultSecrets })
  @Does('Adds an adult; code and password are told this once')
  @Refuses(409)
  addAdult(@Present() at: AtWork, @Body() body: NewAdult): Promise<AdultSecrets> {
    return this.people.addAdult(at, body);
  }

  @Patch('adults/:id')
  @HttpCode(204)
  @Does('Changes an adult’s names, role or rooms, or ends their stay with the nursery')
  @Refuses(409)
  changeAdult(@Present() at: AtWork, @Param('id', Id) id: StaffId, @Body() body: AdultChange): Promise<void> {
    return this.people.changeAdult(at, id, body);
  }

  @Post('adults/:id/secrets')
  @HttpCode(200)
  @ApiOkResponse({ type: AdultSecrets })
  @Does('Gives an adult a new code and password, told this once')
  renew(@Present() at: AtWork, @Param('id', Id) id: StaffId): Promise<AdultSecrets> {
    return this.people.renewSecrets(at, id);
  }
}
