import { Module } from '@nestjs/common';
import { eventKind } from '../day';
import { planChanges, resultsRelease } from '../lessons';
import { keepMarked } from './keepMarked';
import { snapshotMarks } from './releasedMarks';
import { MARKS } from './takeMarks';
import { AssessmentController } from './assessment.controller';
import { AssessmentService } from './assessment.service';

@Module({
  controllers: [AssessmentController],
  providers: [AssessmentService],
  exports: [AssessmentService],
})
export class AssessmentModule {}

eventKind(MARKS);
planChanges.on(keepMarked);
resultsRelease.on(snapshotMarks);
