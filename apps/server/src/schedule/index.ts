export { ScheduleModule } from './schedule.module';
export { ScheduleService } from './schedule.service';
export { TimePlanRow } from './timePlan.entity';
