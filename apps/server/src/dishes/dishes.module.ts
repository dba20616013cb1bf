import { Module } from '@nestjs/common';
import { factsChange } from '../ingredients';
import { reindexAllergens } from './dishIndex';
import { DishesController } from './dishes.controller';
import { DishesService } from './dishes.service';
import { DishImportService } from './dishImport.service';

@Module({
  controllers: [DishesController],
  providers: [DishesService, DishImportService],
  exports: [DishesService, DishImportService],
})
export class DishesModule {}

factsChange.on(reindexAllergens);
