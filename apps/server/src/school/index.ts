export { SchoolModule } from './school.module';
export { loadSchool } from './loadSchool';
export { SchoolRow } from './school.entity';
