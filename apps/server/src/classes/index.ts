export { ClassesModule } from './classes.module';
export { CookeryClass } from './class.entity';
export { Student } from './student.entity';
export { Absence } from './absence.entity';
