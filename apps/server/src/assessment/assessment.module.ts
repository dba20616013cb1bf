import { Module } from '@nestjs/common';
import { eventKind } from '../day';
import { planChanges, resultsRelease } from '../lessons';
import { keepMarked } from './keepMarked';
import { snapshotMarks } from './releasedMarks';
import { ARRIVALS } from './takeArrivals';
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
eventKind(ARRIVALS);
planChanges.on(keepMarked);
resultsRelease.on(snapshotMarks);
