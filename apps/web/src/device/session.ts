import useSWR, { mutate } from 'swr';
import type { Me, SessionState } from '@pelvo/contract';
import { fetcher, isOffline, send } from './client';

const REMEMBERED = 'pelvo.me';

function remembered(): Me | null {
  try {
    return JSON.parse(localStorage.getItem(REMEMBERED) ?? 'null') as Me | null;
  } catch {
    return null;
  }
}

async function fetchSession(path: string): Promise<SessionState> {
  try {
    const state = await fetcher<SessionState>(path);
    if (state.me) localStorage.setItem(REMEMBERED, JSON.stringify(state.me));
    else localStorage.removeItem(REMEMBERED);
    return state;
  } catch (error) {
    // Without a network the tablet goes on as the person it was last; the server still decides when it is back.
    const me = remembered();
    if (isOffline(error) && me) return { me, firstVisit: false };
    throw error;
  }
}

/** Who is signed in. */
export function useSession() {
  return useSWR<SessionState>('/session', fetchSession, { revalidateOnFocus: false });
}

export function useMe(): Me {
  const { data } = useSession();
  if (!data?.me) throw new Error('This screen needs someone signed in');
  return data.me;
}

/** Everything that was fetched belongs to the person who fetched it. */
export async function beginSession(): Promise<void> {
  await mutate(() => true, undefined, { revalidate: false });
  await mutate('/session');
}

export async function signOut(): Promise<void> {
  await send('DELETE', '/session');
  localStorage.removeItem(REMEMBERED);
  await beginSession();
}
