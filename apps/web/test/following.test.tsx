// @vitest-environment happy-dom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { LessonEvent } from '@pelvo/contract';
import { useLessonEvents } from '../src/device/follow';

/** A stream of the server that a test holds in its hand. */
class Stream {
  static opened: Stream[] = [];
  static readonly CLOSED = 2;
  readyState = 1;
  onmessage: ((message: { data: string }) => void) | null = null;
  onerror: (() => void) | null = null;
  private readonly heard = new Map<string, () => void>();
  constructor(readonly url: string) {
    Stream.opened.push(this);
  }
  addEventListener = (name: string, then: () => void) => void this.heard.set(name, then);
  close = () => void (this.readyState = 2);
  says = (number: number) => act(() => this.onmessage?.({ data: JSON.stringify({ number, id: `e${number}` }) }));
  breaks = () => {
    this.readyState = 2;
    this.onerror?.();
  };
  tells = (name: string) => this.heard.get(name)?.();
}

const following = (after: number | null) => {
  const heard: number[] = [];
  const hook = renderHook(
    ({ from }: { from: number | null }) => useLessonEvents('l1', from, (event: LessonEvent) => heard.push(event.number)),
    {
      initialProps: { from: after },
    },
  );
  return { ...hook, heard };
};

describe('following a lesson', () => {
  beforeEach(() => {
    Stream.opened = [];
    vi.stubGlobal('EventSource', Stream);
    vi.useFakeTimers();
  });
  afterEach(() => {
    cleanup();
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });
  const last = () => Stream.opened.at(-1)!;

  it('waits until it is known how far one is, then hears each event once', () => {
    const { heard, rerender } = following(null);
    expect(Stream.opened).toEqual([]);
    rerender({ from: 4 });
    expect(last().url).toBe('/api/lessons/l1/events/live?after=4');
    for (const number of [5, 6, 6, 5, 7]) last().says(number);
    expect(heard).toEqual([5, 6, 7]);
  });

  it('goes on from the last it had after an answer that was no stream, and when the network is back', () => {
    const { heard } = following(0);
    last().says(1);
    last().breaks();
    expect(Stream.opened).toHaveLength(1);
    vi.advanceTimersByTime(2000);
    expect(last().url).toContain('after=1');
    last().says(2);
    dispatchEvent(new Event('online'));
    expect(Stream.opened).toHaveLength(3);
    expect(last().url).toContain('after=2');
    last().says(2);
    expect(heard).toEqual([1, 2]);
  });

  it('leaves a connection that is only interrupted to the browser', () => {
    following(0);
    last().readyState = 0;
    last().onerror?.();
    vi.advanceTimersByTime(60_000);
    expect(Stream.opened).toHaveLength(1);
  });

  it('ends for good for whoever lost the right, and when the screen is left', () => {
    const { unmount } = following(0);
    last().tells('gone');
    last().breaks();
    vi.advanceTimersByTime(60_000);
    dispatchEvent(new Event('online'));
    expect(Stream.opened).toHaveLength(1);
    unmount();
    expect(last().readyState).toBe(2);
  });

  it('is not opened anew by a sheet that was fetched again', () => {
    const { heard, rerender } = following(3);
    rerender({ from: 9 });
    expect(Stream.opened).toHaveLength(1);
    last().says(8);
    last().says(10);
    expect(heard).toEqual([10]);
  });
});
