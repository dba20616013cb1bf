import { createHash, randomInt } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';

/** argon2id with the parameters OWASP names as its minimum: 19 MiB, 2 passes, 1 lane. */
const ARGON2ID = { algorithm: 2, memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

export const hashPassword = (password: string): Promise<string> => hash(password, ARGON2ID);

let decoy: Promise<string> | null = null;

/** Checks a password; takes as long when there is no such person, so that names cannot be guessed by the clock. */
export async function passwordFits(stored: string | null, password: string): Promise<boolean> {
  decoy ??= hashPassword('nobody has this password');
  const fits = await verify(stored ?? (await decoy), password);
  return stored !== null && fits;
}

const LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';

/** A one-time code that can be read aloud: four groups of four, about 80 bits, no letters that look alike. */
export function newCode(): string {
  const letter = () => LETTERS[randomInt(LETTERS.length)]!;
  return Array.from({ length: 4 }, () => Array.from({ length: 4 }, letter).join('')).join('-');
}

/** What is stored of a code. Codes are random enough that a plain hash cannot be reversed. */
export function codeHash(code: string): string {
  return createHash('sha256')
    .update(code.toUpperCase().replace(/[^A-Z0-9]/g, ''))
    .digest('hex');
}
