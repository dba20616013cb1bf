// Assessors' tablets that go on giving marks whatever happens, and remember what was confirmed to them.
import { randomUUID } from 'node:crypto';
import { wait } from '../lib/net.mjs';

const PATIENCE = 6000;
/** What a tablet tries again: no answer, or an answer that says so. Anything else is a fault of its own. */
const AGAIN = new Set([0, 502, 503]);

export async function ask(base, path, { method = 'GET', body, cookie } = {}) {
  try {
    const answer = await fetch(base + path, {
      method,
      headers: { ...(cookie ? { cookie } : {}), ...(body ? { 'content-type': 'application/json' } : {}) },
      body: body && JSON.stringify(body),
      signal: AbortSignal.timeout(PATIENCE),
    });
    const text = await answer.text();
    return { status: answer.status, body: text ? JSON.parse(text) : null, cookie: answer.headers.getSetCookie()[0]?.split(';')[0] };
  } catch {
    return { status: 0, body: null };
  }
}

export async function signIn(base, name) {
  const { status, cookie } = await ask(base, '/api/session', { method: 'POST', body: { signIn: name, password: 'demo-kitchen' } });
  if (status >= 300 || !cookie) throw new Error(`Signing in as ${name} failed (${status}).`);
  return cookie;
}

/** The marking sheets of lessons that can still be marked. */
export async function sheetsOf(base, cookie) {
  const { body: lessons } = await ask(base, '/api/lessons', { cookie });
  const sheets = [];
  for (const { id } of lessons) {
    const { body } = await ask(base, `/api/lessons/${id}/marking-sheet`, { cookie });
    if (body.rubric && body.dishes.length > 0 && body.students.length > 0 && !body.releasedAt) sheets.push(body);
  }
  return sheets;
}

/**
 * Tablets that mark until they are told to stop. A mark is sent until it is confirmed, to one copy after the other; now and then
 * it is sent to all of them at once, three times over, as a tablet does that did not hear the answer.
 *
 * @param {{ bases: string[], people: string[], sheets: object[], count: number }} options - `people` are cookies
 */
export function startTablets({ bases, people, sheets, count }) {
  const confirmed = new Map();
  const refused = [];
  let stopped = false;
  let tries = 0;
  const tablet = async (place) => {
    const sheet = sheets[place % sheets.length];
    const cookie = people[place % people.length];
    const criteria = sheet.rubric.content.criteria.filter(({ kind }) => kind === 'levels');
    for (let touch = 0; !stopped; touch += 1) {
      const event = {
        id: randomUUID(),
        kind: 'mark',
        at: new Date().toISOString(),
        body: {
          studentId: sheet.students[(touch * 7 + place) % sheet.students.length].id,
          dishEditionId: sheet.dishes[touch % sheet.dishes.length].editionId,
          criterionKey: criteria[(touch + place) % criteria.length].key,
          value: touch % 9 === 8 ? null : { kind: 'level', level: 1 + ((touch + place) % 4), faults: [] },
        },
      };
      const send = (base) => ask(base, `/api/lessons/${sheet.lessonId}/events`, { method: 'POST', cookie, body: { events: [event] } });
      for (let turn = place; ; turn += 1) {
        tries += 1;
        const often = turn % 10 === 9;
        const answers = await Promise.all(often ? [...bases, ...bases, bases[0]].map(send) : [send(bases[turn % bases.length])]);
        if (answers.some(({ status }) => status === 200)) {
          confirmed.set(event.id, { lessonId: sheet.lessonId, ...event.body });
          break;
        }
        const fault = answers.find(({ status }) => !AGAIN.has(status));
        if (fault) {
          refused.push({ status: fault.status, body: fault.body });
          break;
        }
        // A tablet that is put away keeps the mark; here it is one that was never confirmed.
        if (stopped) return;
        await wait(100 + Math.random() * 200);
      }
      await wait(20 + Math.random() * 60);
    }
  };
  const all = Array.from({ length: count }, (_, place) => tablet(place));
  return {
    confirmed,
    refused,
    tries: () => tries,
    stop: async () => {
      stopped = true;
      await Promise.all(all);
    },
  };
}
