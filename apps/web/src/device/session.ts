import useSWR, { mutate } from 'swr';
import { HOUSE_PREFERENCES, type Preferences } from '@pelvo/core';
import type { Me, SessionState } from '@pelvo/contract';
import { fetcher, isAway, onSessionLost, send, sendAs } from './client';
import { forgetPersonal } from './drafts';
import { forgetDocuments } from './kept';
import { forget, REMEMBERED, remember, remembered } from './owner';
import { closeOutbox, flush, openOutbox } from './outbox';
import { setSpeech } from './speech';

const SIGNED_OUT = 'pelvo.signed-out';

/** What a session state is to this device: also whether somebody signed out here whom the server still believes signed in. */
export interface DeviceSession extends SessionState {
  readonly signedOutHere: boolean;
}

let tabOf: string | null = null;

/** This tab is of one person at a time: what was fetched for another goes, before anything of the new one is shown. */
async function become(state: SessionState): Promise<void> {
  const id = state.me?.id ?? null;
  setSpeech(state.preferences, state.timeZone);
  sendAs(id);
  if (id !== tabOf) {
    tabOf = id;
    await mutate((key) => key !== '/session', undefined, { revalidate: false });
  }
  if (id && state.me?.role !== 'student') void openOutbox(id);
  else closeOutbox();
}

async function fetchSession(path: string): Promise<DeviceSession> {
  const nobody: DeviceSession = { me: null, firstVisit: false, preferences: HOUSE_PREFERENCES, timeZone: 'UTC', signedOutHere: true };
  try {
    // Whoever signed out here without a network is signed out before anything else is asked.
    if (localStorage.getItem(SIGNED_OUT)) {
      await forgetPerson();
      await send('DELETE', '/session');
      localStorage.removeItem(SIGNED_OUT);
    }
    const state = await fetcher<SessionState>(path);
    await become(state);
    remember(state);
    return { ...state, signedOutHere: false };
  } catch (error) {
    if (!isAway(error)) throw error;
    if (localStorage.getItem(SIGNED_OUT)) {
      await become(nobody);
      return nobody;
    }
    // Without a network the tablet goes on as the person it was last; the server still decides when it is back.
    const last = remembered();
    if (!last) throw error;
    const state = { ...last, firstVisit: false };
    await become(state);
    return { ...state, signedOutHere: false };
  }
}

/** Who is signed in. */
export function useSession() {
  return useSWR<DeviceSession>('/session', fetchSession, {
    revalidateOnFocus: true,
    // Until the server knows that somebody signed out here, it is told again and again.
    refreshInterval: (data) => (data?.signedOutHere ? 3000 : 0),
    refreshWhenHidden: true,
  });
}

export function useMe(): Me {
  const { data } = useSession();
  if (!data?.me) throw new Error('This screen needs someone signed in');
  return data.me;
}

/** How the person who is signed in likes figures, times and dates shown. */
export const usePreferences = (): Preferences => useSession().data?.preferences ?? HOUSE_PREFERENCES;

/** Changes what is named. It is sent to its end also where the page is left right after the touch. */
export async function savePreferences(change: Partial<Preferences>): Promise<void> {
  await send('PATCH', '/preferences', { body: change, lasting: true });
  await mutate('/session');
}

/** Asks anew who is signed in: after a sign-in, and when a request says that somebody else is. */
export async function beginSession(): Promise<void> {
  await mutate('/session');
}

onSessionLost(() => void mutate('/session'));
// Another tab of this device has signed someone in or out.
addEventListener('storage', ({ key }) => {
  if (key === REMEMBERED || key === SIGNED_OUT) void mutate('/session');
});

/** How long a sign-out waits for what was said last to be sent: whoever puts the tablet down must not stand and wait for a slow network. */
const LAST_SENDING_MS = 2000;

/** Names, needs and marks of whoever was signed in go from this device; what was typed and what was not sent waits for its owner. */
async function forgetPerson(): Promise<void> {
  forget();
  closeOutbox();
  forgetPersonal();
  await forgetDocuments().catch(() => undefined);
}

/**
 * Signs out on this device at once, with or without a network, and the server is told now or as soon as it can be reached. From the
 * touch on it holds: a tab that is closed or loaded anew before the last marks are sent is signed out too, and they wait for their owner.
 */
export async function signOut(): Promise<void> {
  localStorage.setItem(SIGNED_OUT, '1');
  await Promise.race([flush().catch(() => undefined), new Promise((late) => setTimeout(late, LAST_SENDING_MS))]);
  await forgetPerson();
  await mutate('/session');
}
