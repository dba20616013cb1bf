import { Moment } from '../platform/moment';

/** The first lead instructor has come: what a school begins with is put there. */
export const schoolBegins = new Moment<{ readonly personId: string }>();
