import { Moment } from '../platform/moment';

/** A kitchen bears another name from now on; whoever names it goes along. */
export const kitchenRenamed = new Moment<{ readonly before: string; readonly now: string }>();
