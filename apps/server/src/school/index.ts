export { SchoolModule } from './school.module';
export { holdSchool, loadSchool } from './loadSchool';
export { SchoolRow } from './school.entity';
