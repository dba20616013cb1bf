import { createHmac, randomBytes, timingSafeEqual } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import type { Request, Response } from 'express';
import { SESSION_SECRET } from '../database/tokens';

const COOKIE = 'pelvo-known';
const YEAR = 365 * 24 * 60 * 60 * 1000;
/** People who share a tablet; the one who has not signed in for longest is forgotten first. */
const MOST = 30;
const ENTRY = /^[0-9a-f]{16}\.[0-9a-f]{16}\.[0-9a-f]{32}$/;

/**
 * Which people have signed in on a device before, as the device itself says in a signed cookie: nobody else's guesses make
 * them wait there. It says nothing of who they are, and lets nobody in.
 */
@Injectable()
export class KnownDevices {
  constructor(@Inject(SESSION_SECRET) private readonly secret: string) {}

  /** What this device is called for this person; null when they have never signed in on it. */
  of(request: Request, personId: string): string | null {
    const who = this.mark(personId);
    const entry = this.entries(request).find((each) => each.startsWith(who));
    return entry ? entry.slice(0, 33) : null;
  }

  remember(request: Request, response: Response, personId: string): void {
    const who = this.mark(personId);
    const entries = this.entries(request);
    const known = entries.find((each) => each.startsWith(who)) ?? this.sealed(`${who}.${randomBytes(8).toString('hex')}`);
    const value = [known, ...entries.filter((each) => each !== known)].slice(0, MOST).join('~');
    response.cookie(COOKIE, value, { httpOnly: true, sameSite: 'strict', secure: request.secure, maxAge: YEAR, path: '/api' });
  }

  private entries(request: Request): readonly string[] {
    const cookie = (request.headers.cookie ?? '').split(';').find((each) => each.trim().startsWith(`${COOKIE}=`));
    const value = cookie?.trim().slice(COOKIE.length + 1) ?? '';
    return decoded(value)
      .split('~')
      .slice(0, MOST)
      .filter((entry) => ENTRY.test(entry) && timingSafeEqual(Buffer.from(entry), Buffer.from(this.sealed(entry.slice(0, 33)))));
  }

  private mark(personId: string): string {
    return this.sign(`person|${personId}`, 16);
  }

  private sealed(entry: string): string {
    return `${entry}.${this.sign(`device|${entry}`, 32)}`;
  }

  private sign(text: string, length: number): string {
    return createHmac('sha256', this.secret).update(text).digest('hex').slice(0, length);
  }
}

function decoded(value: string): string {
  try {
    return decodeURIComponent(value);
  } catch {
    return '';
  }
}
