import { AdultSettings, Here } from '@dotting/contract';
import { Body, Controller, Get, HttpCode, Patch } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { DeviceAlone, Present, type AtDevice, type AtWork } from '../common/present.js';
import { SiteService } from './site.service.js';
import { Does } from '../http/described.js';

@ApiTags('site')
@Controller('api')
export class SiteController {
  constructor(private readonly site: SiteService) {}

  @DeviceAlone()
  @Get('here')
  @ApiOkResponse({ type: Here })
  @Does('The nursery, its rooms and adults, and who is at this device')
  here(@Present() at: AtDevice): Promise<Here> {
    return this.site.here(at);
  }

  @Patch('adult')
  @HttpCode(204)
  @Does('Changes the adult’s own settings')
  changeSettings(@Present() at: AtWork, @Body() body: AdultSettings): Promise<void> {
    return this.site.changeSettings(at, body);
  }
}
