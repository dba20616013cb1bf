import { Module } from '@nestjs/common';
import { StandardisationController } from './standardisation.controller';
import { StandardisationService } from './standardisation.service';

@Module({ controllers: [StandardisationController], providers: [StandardisationService] })
export class StandardisationModule {}
