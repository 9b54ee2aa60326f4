/** The package's own store of @Type() facts, which it ships without a declaration. */
declare module 'class-transformer/cjs/storage.js' {
  import type { MetadataStorage } from 'class-transformer/types/MetadataStorage.js';

  export const defaultMetadataStorage: MetadataStorage;
}
