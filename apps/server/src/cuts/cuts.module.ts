import { Module } from '@nestjs/common';
import { CutsController } from './cuts.controller';

@Module({
  controllers: [CutsController],
  providers: [],
  exports: [],
})
export class CutsModule {}
