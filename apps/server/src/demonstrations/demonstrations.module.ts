import { Module } from '@nestjs/common';
import { LessonsModule } from '../lessons';
import { DemonstrationsController } from './demonstrations.controller';
import { DemonstrationsService } from './demonstrations.service';

@Module({ imports: [LessonsModule], controllers: [DemonstrationsController], providers: [DemonstrationsService] })
export class DemonstrationsModule {}
