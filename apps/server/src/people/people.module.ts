import { Global, Module } from '@nestjs/common';
import { WhoIs } from '../platform/identity';
import { WhoIsPerson } from './whoIsPerson';
import { PeopleController } from './people.controller';
import { PeopleService } from './people.service';

@Global()
@Module({
  controllers: [PeopleController],
  providers: [PeopleService, { provide: WhoIs, useClass: WhoIsPerson }],
  exports: [PeopleService, WhoIs],
})
export class PeopleModule {}
