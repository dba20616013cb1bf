import { Module } from '@nestjs/common';
import { KitchensController } from './kitchens.controller';

@Module({ controllers: [KitchensController] })
export class KitchensModule {}
