export { AssessmentModule } from './assessment.module';
export { Assessment } from './assessment.entity';
export { MarkRow } from './mark.entity';
export { checkValue, MARKS } from './takeMarks';
export { ToldRecordRow } from './toldRecord.entity';
export { PlateArrivalRow } from './plateArrival.entity';
export { snapshotMarks } from './releasedMarks';
