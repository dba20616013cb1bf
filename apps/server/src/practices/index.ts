export { PracticesModule } from './practices.module';
export { loadChoices, practicesInWords } from './choices';
export { PracticeChoice } from './practiceChoice.entity';
