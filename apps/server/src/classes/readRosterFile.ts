import { decodeText, readRoster, type Decoded, type RosterReading } from '@pelvo/core';

type RosterFile = Extract<Decoded, { kind: 'notText' }> | { readonly kind: 'read'; readonly reading: RosterReading };

/** The students of a CSV file, whoever is in the class already. */
export function readRosterFile(bytes: Uint8Array): RosterFile {
  const decoded = decodeText(bytes);
  return decoded.kind === 'notText' ? decoded : { kind: 'read', reading: readRoster(decoded.text) };
}
