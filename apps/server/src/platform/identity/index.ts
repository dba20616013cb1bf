export { Allow, Open, Who, STAFF, TEACHING, ALLOWED, type SignedIn } from './allow';
export { WhoIs } from './whoIs';
export { AccessGuard } from './access.guard';
export { sessions, SESSION_COOKIE } from './session';
export { SlowDown, type FailureKey } from './slowDown';
