import { Moment } from '../platform/moment';

/** A fact of the school's own was written or taken away: what derives from facts is derived anew. */
export const factsChange = new Moment<null>();
