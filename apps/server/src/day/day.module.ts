import { Module } from '@nestjs/common';
import { DayController } from './day.controller';
import { DayService } from './day.service';
import { LiveLessons } from './liveLessons';

@Module({
  controllers: [DayController],
  providers: [DayService, LiveLessons],
  exports: [DayService],
})
export class DayModule {}
