import { describe, expect, it } from 'vitest';
import { together } from '../src/platform/together';

/** Work that ends when it is told to. */
function held() {
  const ends: ((value?: unknown) => void)[] = [];
  let begun = 0;
  const work = () => {
    begun += 1;
    const number = begun;
    return new Promise<number>((done, fail) => ends.push((error) => (error ? fail(error as Error) : done(number))));
  };
  return {
    work,
    end: async (error?: unknown) => (ends.shift()!(error), await new Promise((done) => setTimeout(done))),
    begun: () => begun,
  };
}

describe('work that is the same for many', () => {
  it('is done once more for all who asked while it was being done', async () => {
    const { work, end, begun } = held();
    const ask = together(work);
    const answers = [ask('a'), ask('a'), ask('a'), ask('a')];
    expect(begun()).toBe(1);
    await end();
    expect(begun()).toBe(2);
    await end();
    // The first has what was begun for it; the others what was begun after they asked, never what was under way.
    expect(await Promise.all(answers)).toEqual([1, 2, 2, 2]);
    const again = ask('a');
    await end();
    expect(await again).toBe(3);
  });

  it('fails for those it was done for only, and is apart for other questions', async () => {
    const { work, end } = held();
    const ask = together(work);
    const first = ask('a').catch((error: Error) => error.message);
    const second = ask('a');
    const other = ask('b');
    await end(new Error('away'));
    await end();
    await end();
    expect(await first).toBe('away');
    expect([await second, await other].sort()).toEqual([2, 3]);
  });
});
