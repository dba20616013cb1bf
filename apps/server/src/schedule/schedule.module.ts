import { Module } from '@nestjs/common';
import { LessonsModule } from '../lessons';
import { ScheduleController } from './schedule.controller';
import { ScheduleService } from './schedule.service';

@Module({ imports: [LessonsModule], controllers: [ScheduleController], providers: [ScheduleService] })
export class ScheduleModule {}
