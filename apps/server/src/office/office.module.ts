import { Module } from '@nestjs/common';
import { SummariesModule } from '../summaries/summaries.module.js';
import { NotHereModule } from '../notHere/notHere.module.js';
import { DevicesModule } from '../devices/devices.module.js';
import { SetAsideModule } from '../setAside/setAside.module.js';
import { TrailModule } from '../trail/trail.module.js';
import { LanguagesModule } from '../languages/languages.module.js';
import { ErasuresService } from './erasures.service.js';
import { OfficeController } from './office.controller.js';
import { PeopleService } from './people.service.js';
import { RegisterService } from './register.service.js';
import { Rounds } from './rounds.service.js';

@Module({
  imports: [SetAsideModule, SummariesModule, LanguagesModule, NotHereModule, DevicesModule, TrailModule],
  controllers: [OfficeController],
  providers: [RegisterService, PeopleService, ErasuresService, Rounds],
})
export class OfficeModule {}
