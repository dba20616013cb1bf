export { PeopleModule } from './people.module';
export { PeopleService } from './people.service';
export { hashPassword } from './secrets';
export { schoolBegins } from './schoolBegins';
export { Person } from './person.entity';
export { Invitation } from './invitation.entity';
