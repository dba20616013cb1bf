import { useEffect, useRef } from 'react';
import type { LessonEvent } from '@pelvo/contract';

const PAUSE = 2000;

/**
 * Follows what happens in a lesson, on this device and on others. Comes back by itself after the network or the server was
 * away, and goes on from the last event it had.
 *
 * @param after - the number up to which everything is known; nothing is followed while it is null
 */
export function useLessonEvents(lessonId: string, after: number | null, onEvent: (event: LessonEvent) => void): void {
  const heard = useRef(onEvent);
  const number = useRef(0);
  useEffect(() => {
    heard.current = onEvent;
  });
  useEffect(() => {
    if (after !== null) number.current = Math.max(number.current, after);
  }, [after]);
  const ready = after !== null;
  useEffect(() => {
    if (!ready || typeof EventSource === 'undefined') return;
    let source: EventSource | null = null;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let ended = false;
    const open = () => {
      clearTimeout(timer);
      if (ended) return;
      source?.close();
      source = new EventSource(`/api/lessons/${lessonId}/events/live?after=${number.current}`);
      source.onmessage = ({ data }) => {
        const event = JSON.parse(String(data)) as LessonEvent;
        if (event.number <= number.current) return;
        number.current = event.number;
        heard.current(event);
      };
      // A lost connection is taken up again by the browser; an answer that was no stream is not.
      source.onerror = () => {
        if (source?.readyState === EventSource.CLOSED) timer = setTimeout(open, PAUSE);
      };
      source.addEventListener('gone', () => {
        ended = true;
        source?.close();
      });
    };
    open();
    addEventListener('online', open);
    return () => {
      ended = true;
      clearTimeout(timer);
      removeEventListener('online', open);
      source?.close();
    };
  }, [lessonId, ready]);
}
