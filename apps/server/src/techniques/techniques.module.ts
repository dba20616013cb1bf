import { Module } from '@nestjs/common';
import { TechniquesController } from './techniques.controller';
import { TechniquesService } from './techniques.service';
import { TechniqueFilesService } from './techniqueFiles.service';
import { CardPrinter } from './cardPrinter';

@Module({
  controllers: [TechniquesController],
  providers: [TechniquesService, TechniqueFilesService, CardPrinter],
  exports: [TechniquesService, TechniqueFilesService, CardPrinter],
})
export class TechniquesModule {}
