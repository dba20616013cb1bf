import { Module } from '@nestjs/common';
import { RetentionController } from './retention.controller';
import { RetentionService } from './retention.service';
import { RosterController } from './roster.controller';
import { StudentsController } from './students.controller';

@Module({ controllers: [StudentsController, RetentionController, RosterController], providers: [RetentionService] })
export class StudentsModule {}
