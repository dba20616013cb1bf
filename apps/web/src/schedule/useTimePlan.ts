import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { emptyTimePlan, mergeTimePlan, sameDocument, TIME_PLAN, type TimePlan } from '@pelvo/core';
import { usualSegments, type LessonDetail, type TimeOfLesson } from '@pelvo/contract';
import { problemOf, savedMeanwhile, send, useAction, useDraft, type Draft } from '../device';

/** How long hands rest before what they did is stored; milliseconds. */
const RESTS = 600;
/** Steps that can be taken back. */
const REMEMBERED = 200;

interface Done {
  readonly before: TimePlan;
  readonly after: TimePlan;
}

export interface TimePlanDesk {
  readonly content: TimePlan;
  /** Changes the plan as one step that can be taken back. */
  readonly change: (next: (now: TimePlan) => TimePlan) => void;
  /** Changes it as a part of the step before, for what comes in many parts: a plan that gets better. */
  readonly amend: (next: (now: TimePlan) => TimePlan) => void;
  readonly undo: (() => void) | null;
  readonly redo: (() => void) | null;
  readonly saving: 'saved' | 'saving' | 'not saved';
  readonly meanwhile: Draft<TimePlan>['meanwhile'];
  readonly takeTheirs: () => void;
  readonly error: unknown;
}

const rebase = (base: TimePlan, mine: TimePlan, theirs: TimePlan) => mergeTimePlan(base, mine, theirs);

/**
 * The plan of a lesson while it is worked on. Everything is kept on the device at once and stored when hands rest; what somebody else
 * stores meanwhile is brought together with it, step by step, and taking back takes back only what was done here.
 */
export function useTimePlan(lesson: LessonDetail, time: TimeOfLesson, onStored: (time: TimeOfLesson) => void): TimePlanDesk {
  const stored = useMemo(
    () => ({ content: time.content ?? emptyTimePlan(usualSegments(lesson)), version: time.version }),
    // An empty plan is the same each time.
    // oxlint-disable-next-line react/exhaustive-deps
    [time],
  );
  const draft = useDraft<TimePlan>(`time.${lesson.id}`, stored, { format: TIME_PLAN, rebase });
  const { dirty } = draft;
  // What comes back from the server says the same: it is the same plan, and nothing is worked out anew for it.
  const [content, setContent] = useState(draft.content);
  if (content !== draft.content && !sameDocument(content, draft.content)) setContent(draft.content);
  const [past, setPast] = useState<readonly Done[]>([]);
  const [future, setFuture] = useState<readonly Done[]>([]);
  const { busy, error, run } = useAction();
  const now = useRef(content);
  useEffect(() => {
    now.current = content;
  });

  const { change: put, save: keep } = draft;
  const set = useCallback(
    (after: TimePlan) => {
      now.current = after;
      put(after);
    },
    [put],
  );
  const change = useCallback(
    (next: (now: TimePlan) => TimePlan) => {
      const before = now.current;
      const after = next(before);
      if (sameDocument(before, after)) return;
      setPast((done) => [...done.slice(1 - REMEMBERED), { before, after }]);
      setFuture([]);
      set(after);
    },
    [set],
  );
  const amend = useCallback(
    (next: (now: TimePlan) => TimePlan) => {
      const after = next(now.current);
      setPast((done) => (done.length > 0 ? [...done.slice(0, -1), { ...done.at(-1)!, after }] : done));
      set(after);
    },
    [set],
  );
  /** Takes the last step of one list back, and puts it on the other. */
  const walk = useCallback(
    (step: Done, back: boolean) => {
      const [base, target] = back ? [step.after, step.before] : [step.before, step.after];
      (back ? setPast : setFuture)((done) => done.slice(0, -1));
      (back ? setFuture : setPast)((done) => [...done, step]);
      set(mergeTimePlan(base, target, now.current).mine);
    },
    [set],
  );
  const undone = past.at(-1);
  const redone = future.at(-1);
  const undo = useMemo(() => (undone ? () => walk(undone, true) : null), [undone, walk]);
  const redo = useMemo(() => (redone ? () => walk(redone, false) : null), [redone, walk]);

  /** What was sent last: what is refused for what it says is not sent again until it says something else. */
  const tried = useRef<TimePlan | null>(null);
  const saveNow = useCallback(
    () =>
      run(() =>
        keep(async (mine, version) => {
          tried.current = mine;
          try {
            const saved = await send<TimeOfLesson>('PUT', `/lessons/${lesson.id}/time`, { body: mine, version });
            onStored(saved);
            return { content: saved.content!, version: saved.version };
          } catch (failure) {
            const theirs = savedMeanwhile<TimeOfLesson>(failure);
            if (theirs) onStored(theirs);
            throw failure;
          }
        }),
      ),
    [run, keep, lesson.id, onStored],
  );
  const failed = error !== undefined && error !== null;
  const waits = dirty && !busy;
  useEffect(() => {
    if (!waits) return;
    const met = savedMeanwhile(error) !== null;
    const { status = 0 } = failed ? problemOf(error) : {};
    if (failed && !met && status >= 400 && status < 500 && sameDocument(tried.current, draft.content)) return;
    // After a failure it is tried again, more slowly.
    const timer = setTimeout(() => void saveNow(), failed && !met ? 5000 : RESTS);
    return () => clearTimeout(timer);
  }, [waits, draft.content, draft.version, saveNow, failed, error]);

  return {
    content,
    change,
    amend,
    undo,
    redo,
    saving: busy ? 'saving' : dirty ? (failed ? 'not saved' : 'saving') : 'saved',
    meanwhile: draft.meanwhile && draft.meanwhile.clashes.length > 0 ? draft.meanwhile : null,
    takeTheirs: draft.takeTheirs,
    error: savedMeanwhile(error) ? null : error,
  };
}
