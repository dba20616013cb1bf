import { Module } from '@nestjs/common';
import { eventKind } from '../day';
import { CoolingController } from './cooling.controller';
import { COOLED } from './takeCooled';

@Module({ controllers: [CoolingController] })
export class CoolingModule {}

eventKind(COOLED);
