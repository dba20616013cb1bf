import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import {
  closedSchema,
  newStandardisationSchema,
  sampleMarkSchema,
  type NewStandardisation,
  type SampleMarkBody,
  type Standardisation,
  type StandardisationSummary,
} from '@pelvo/contract';
import { Allow, TEACHING, Who, type SignedIn } from '../platform/identity';
import { joi } from '../platform/problems';
import { StandardisationService } from './standardisation.service';

@Controller('api/standardisations')
export class StandardisationController {
  constructor(private readonly standardisation: StandardisationService) {}

  @Get()
  @Allow(...TEACHING)
  list(): Promise<readonly StandardisationSummary[]> {
    return this.standardisation.list();
  }

  @Post()
  @Allow('lead')
  create(@Body(joi(newStandardisationSchema)) body: NewStandardisation, @Who() who: SignedIn): Promise<Standardisation> {
    return this.standardisation.create(body, who.id);
  }

  @Get(':id')
  @Allow(...TEACHING)
  one(@Param('id') id: string, @Who() who: SignedIn): Promise<Standardisation> {
    return this.standardisation.one(id, who.id);
  }

  @Put(':id/marks')
  @Allow(...TEACHING)
  mark(@Param('id') id: string, @Body(joi(sampleMarkSchema)) body: SampleMarkBody, @Who() who: SignedIn): Promise<Standardisation> {
    return this.standardisation.mark(id, body, who);
  }

  @Put(':id/closed')
  @Allow('lead')
  close(@Param('id') id: string, @Body(joi(closedSchema)) { closed }: { closed: boolean }, @Who() who: SignedIn): Promise<Standardisation> {
    return this.standardisation.close(id, closed, who.id);
  }

  @Delete(':id')
  @Allow('lead')
  @HttpCode(204)
  remove(@Param('id') id: string): Promise<void> {
    return this.standardisation.remove(id);
  }
}
