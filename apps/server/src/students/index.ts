export { StudentsModule } from './students.module';
