import { Global, Module } from '@nestjs/common';
import { Evidence } from './evidence.service.js';

@Global()
@Module({ providers: [Evidence], exports: [Evidence] })
export class EvidenceModule {}
