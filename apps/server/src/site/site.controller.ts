import { AdultSettings, Here } from '@dotting/contract';
import { Body, Controller, Get, HttpCode, Patch } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { DeviceAlone, Present, type AtDevice, type AtWork } from '../common/present.js';
import { SiteService } from './site.service.js';

@ApiTags('site')
@Controller('api')
export class SiteController {
  constructor(private readonly site: SiteService) {}

  @DeviceAlone()
  @Get('here')
  @ApiOkResponse({ type: Here })
  here(@Present() at: AtDevice): Promise<Here> {
    return this.site.here(at);
  }

  @Patch('adult')
  @HttpCode(204)
  changeSettings(@Present() at: AtWork, @Body() body: AdultSettings): Promise<void> {
    return this.site.changeSettings(at, body);
  }
}
