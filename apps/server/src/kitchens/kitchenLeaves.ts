import { Moment } from '../platform/moment';

/** A kitchen is about to be taken away; whoever takes place in it keeps its name. */
export const kitchenLeaves = new Moment<{ readonly id: string; readonly name: string }>();
