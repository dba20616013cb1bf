import { Module } from '@nestjs/common';
import { cutSetLeaves } from '../cuts';
import { conflict } from '../platform/problems';
import { PracticeChoice } from './practiceChoice.entity';
import { PracticesController } from './practices.controller';

@Module({
  controllers: [PracticesController],
  providers: [],
  exports: [],
})
export class PracticesModule {}

cutSetLeaves.on(async (manager, { id, name }) => {
  if (await manager.existsBy(PracticeChoice, { matter: 'named-cuts', practice: id }))
    throw conflict('id', `"${name}" is the set in force.`, 'Put another one in force first.');
});
