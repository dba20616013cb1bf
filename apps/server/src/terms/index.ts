export { TermsModule } from './terms.module';
export { CalendarFeedRow } from './calendarFeed.entity';
export { DayOffRow } from './dayOff.entity';
