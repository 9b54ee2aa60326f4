import { LanguageChange, LanguageList, PutLanguage, Reason } from '@dotting/contract';
import { Body, Controller, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { For, Present, type AtWork } from '../common/present.js';
import { LanguagesService } from './languages.service.js';
import { Does, Refuses } from '../http/described.js';

@ApiTags('languages')
@Controller('api/languages')
export class LanguagesController {
  constructor(private readonly languages: LanguagesService) {}

  @Get()
  @ApiOkResponse({ type: LanguageList, isArray: true })
  @Does('The number words of each language in use')
  all(@Present() at: AtWork): Promise<LanguageList[]> {
    return this.languages.of(at);
  }

  @For('lead', 'practitioner')
  @Get('changes')
  @ApiOkResponse({ type: LanguageChange, isArray: true })
  @Does('Languages that were removed or changed, and can be put back')
  changes(@Present() at: AtWork): Promise<LanguageChange[]> {
    return this.languages.changes(at);
  }

  @For('lead', 'practitioner')
  @Post(':tag/back')
  @HttpCode(204)
  @Does('Puts a language back as it was')
  putBack(@Present() at: AtWork, @Param('tag') tag: string): Promise<void> {
    return this.languages.putBack(at, tag);
  }

  @For('lead', 'practitioner')
  @Put(':tag')
  @HttpCode(204)
  @Does('Adds a language, or changes its number words')
  @Refuses(409)
  put(@Present() at: AtWork, @Param('tag') tag: string, @Body() body: PutLanguage): Promise<void> {
    return this.languages.put(at, tag, body);
  }

  @For('lead', 'practitioner')
  @Post(':tag/removal')
  @HttpCode(204)
  @Does('Removes a language that no child counts in')
  @Refuses(409)
  remove(@Present() at: AtWork, @Param('tag') tag: string, @Body() { reason }: Reason): Promise<void> {
    return this.languages.remove(at, tag, reason);
  }
}
