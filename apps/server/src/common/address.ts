import { Global, Module, type DynamicModule } from '@nestjs/common';

/** Where other devices find the app; null where that is not known here. */
export class Address {
  constructor(readonly url: string | null) {}
}

@Global()
@Module({})
export class AddressModule {
  static at(url: string | null): DynamicModule {
    const provider = { provide: Address, useValue: new Address(url) };
    return { module: AddressModule, providers: [provider], exports: [Address] };
  }
}
