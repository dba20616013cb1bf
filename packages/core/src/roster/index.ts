export { decodeText, type Decoded } from './decodeText';
export { readRoster, besideRoster, nameKey, ROSTER_LIMITS, type RosterReading, type RosterRow, type RosterProblem } from './readRoster';
