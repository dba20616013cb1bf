import type { SignedIn } from './allow';

/** Whom a session speaks for. The platform knows no people: the people's area answers. */
export abstract class WhoIs {
  /** The person, or null when there is none any more, has lost their access, or has begun a new epoch since. */
  abstract signedIn(personId: string, epoch: number): Promise<SignedIn | null>;
}
