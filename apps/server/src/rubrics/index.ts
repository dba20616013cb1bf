export { RubricsModule } from './rubrics.module';
export { Rubric } from './rubric.entity';
export { RubricEdition } from './rubricEdition.entity';
export { rubricOfEdition, rubricsOfEditions } from './rubricOfEdition';
