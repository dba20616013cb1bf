export { Allow, Open, Who, STAFF, TEACHING, ALLOWED, type SignedIn } from './allow';
export { WhoIs } from './whoIs';
export { AccessGuard } from './access.guard';
export { sessions, sessionSecret, SESSION_COOKIE } from './session';
export { KnownDevices } from './knownDevices';
export { SlowDown, type TryKey } from './slowDown';
