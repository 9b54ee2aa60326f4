import { ParseUUIDPipe, type ArgumentMetadata } from '@nestjs/common';

/** An id of an address, in small letters as it is stored. */
export class Id extends ParseUUIDPipe {
  override async transform(value: string, metadata: ArgumentMetadata): Promise<string> {
    await super.transform(value, metadata);
    return value.toLowerCase();
  }
}
