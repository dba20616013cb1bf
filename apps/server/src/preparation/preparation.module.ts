import { Module } from '@nestjs/common';
import { PreparationController } from './preparation.controller';

@Module({ controllers: [PreparationController] })
export class PreparationModule {}
