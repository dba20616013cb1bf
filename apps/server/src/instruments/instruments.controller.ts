import { Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import type { InstrumentReading } from '@pelvo/core';
import type { InstrumentsHere } from '@pelvo/contract';
import { Allow, TEACHING } from '../platform/identity';
import { InstrumentsService } from './instruments.service';

@Controller('api/instruments')
export class InstrumentsController {
  constructor(private readonly instruments: InstrumentsService) {}

  @Get()
  @Allow(...TEACHING)
  here(): Promise<InstrumentsHere> {
    return this.instruments.here();
  }

  @Post(':name/readings')
  @Allow(...TEACHING)
  @HttpCode(200)
  read(@Param('name') name: string): Promise<InstrumentReading> {
    return this.instruments.read(name);
  }
}
