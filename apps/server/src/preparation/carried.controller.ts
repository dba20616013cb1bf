import { Body, Controller, Delete, Headers, HttpCode, Param, Post, Put } from '@nestjs/common';
import { carriedSchema, newCarriedSchema, type CarriedFields, type CarriedRecord, type NewCarried } from '@pelvo/contract';
import { Allow, TEACHING, Who, type SignedIn } from '../platform/identity';
import { joi, versionOf } from '../platform/problems';
import { CarriedService } from './carried.service';

/** What a class makes in one lesson for another. */
@Controller('api')
export class CarriedController {
  constructor(private readonly carried: CarriedService) {}

  /** For the lesson that is named, in the one that the body names. */
  @Post('lessons/:id/carried')
  @Allow(...TEACHING)
  add(@Param('id') lessonId: string, @Body(joi(newCarriedSchema)) body: NewCarried, @Who() who: SignedIn): Promise<CarriedRecord> {
    return this.carried.add(lessonId, body, who.id);
  }

  @Put('carried/:id')
  @Allow(...TEACHING)
  save(
    @Param('id') id: string,
    @Body(joi(carriedSchema)) body: CarriedFields,
    @Who() who: SignedIn,
    @Headers('if-match') ifMatch?: string,
  ): Promise<CarriedRecord> {
    return this.carried.save(id, body, { version: versionOf(ifMatch), by: who.id });
  }

  @Delete('carried/:id')
  @Allow(...TEACHING)
  @HttpCode(204)
  remove(@Param('id') id: string): Promise<void> {
    return this.carried.remove(id);
  }
}
