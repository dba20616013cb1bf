export { DemonstrationsModule } from './demonstrations.module';
export { DemonstrationsService } from './demonstrations.service';
export { AskedQuestionRow } from './askedQuestion.entity';
