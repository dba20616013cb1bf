import { Moment } from '../platform/moment';

/** A set of cuts is about to be deleted; whoever still uses it refuses. */
export const cutSetLeaves = new Moment<{ readonly id: string; readonly name: string }>();
