import { Module } from '@nestjs/common';
import { CarriedController } from './carried.controller';
import { CarriedService } from './carried.service';
import { LabelsService } from './labels.service';
import { LessonsModule } from '../lessons';
import { PreparationController } from './preparation.controller';

@Module({ imports: [LessonsModule], controllers: [PreparationController, CarriedController], providers: [CarriedService, LabelsService] })
export class PreparationModule {}
