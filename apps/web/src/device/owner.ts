import { HOUSE_PREFERENCES, open, PREFERENCES, seal, type Preferences } from '@pelvo/core';
import type { Me, SessionState } from '@pelvo/contract';

export const REMEMBERED = 'pelvo.me';

interface Remembered {
  readonly me: Me;
  readonly preferences: Preferences;
  readonly timeZone: string;
}

/** Who was here last, for when the server cannot be asked. */
export function remembered(): Remembered | null {
  try {
    const kept = JSON.parse(localStorage.getItem(REMEMBERED) ?? 'null') as (Partial<Remembered> & Partial<Me>) | null;
    if (!kept) return null;
    // Before people had preferences, the person was kept alone.
    const me = kept.me ?? (kept as Me);
    const preferences = open(PREFERENCES, kept.preferences);
    return {
      me: { id: me.id, name: me.name, role: me.role },
      preferences: preferences.kind === 'opened' ? preferences.content : HOUSE_PREFERENCES,
      timeZone: kept.timeZone ?? 'UTC',
    };
  } catch {
    return null;
  }
}

export function remember({ me, preferences, timeZone }: SessionState): void {
  if (me) localStorage.setItem(REMEMBERED, JSON.stringify({ me, preferences: seal(PREFERENCES, preferences), timeZone }));
  else forget();
}

export const forget = (): void => localStorage.removeItem(REMEMBERED);

/** Whose drafts are read and written on this device. */
export const ownerId = (): string => remembered()?.me.id ?? 'nobody';
