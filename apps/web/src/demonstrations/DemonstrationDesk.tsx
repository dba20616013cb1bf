import { Link } from 'react-router';
import { cameraClashes, clockAt, demonstratedIn, DEMONSTRATION_LIMITS, optionFor, showSteps, type Demonstration } from '@pelvo/core';
import type { DemonstrationsOfLesson, LessonDetail, LessonDish, StoredDemonstration } from '@pelvo/contract';
import { clockTime, fieldProblem, savedMeanwhile, useAction } from '../device';
import {
  Button,
  ButtonLink,
  DownloadLink,
  MeanwhileNotice,
  Notice,
  PageHead,
  ProblemNotice,
  Stepper,
  TextField,
  TimeField,
} from '../design';
import { AskedQuestions } from './AskedQuestions';
import { Choosing } from './Choosing';
import { NoOrder } from './NoOrder';
import { ReadyTable } from './ReadyTable';
import { RunningOrder } from './RunningOrder';
import { useDemonstration } from './useDemonstration';
import { WeighedBack } from './WeighedBack';

interface DemonstrationDeskProps {
  readonly lesson: LessonDetail;
  readonly dish: LessonDish;
  readonly all: DemonstrationsOfLesson;
  readonly onStored: (stored: StoredDemonstration) => void;
  readonly onAsked: () => void;
}

const FIELD_NAMES: Readonly<Record<string, string>> = {
  slot: 'the slot',
  begins: 'when it begins',
  camera: 'the camera or place',
  wanted: 'what must be shown',
  choice: 'what is shown',
  took: 'minutes it took',
  words: 'the words',
  ready: 'who makes what stands ready',
  weighings: 'what was weighed back',
};

/** One demonstration at the desk: what fits the slot, what stands ready, what is said. */
export function DemonstrationDesk({ lesson, dish, all, onStored, onAsked }: DemonstrationDeskProps) {
  const here = useDemonstration(lesson, dish, all, onStored);
  const { draft, taken, rows, ready, choices } = here;
  const { content, change, dirty, meanwhile, drop } = draft;
  const { run, busy, error } = useAction();
  const set = (part: Partial<Demonstration>) => change((now) => ({ ...now, ...part }));
  const clock = (minute: number) => clockTime(clockAt(lesson, lesson.school.timeZone, minute));
  const at = `/api/lessons/${lesson.id}/demonstrations/${dish.dishId}`;
  const fits = taken !== null && taken.showing.minutes <= content.slot;
  return (
    <>
      <PageHead
        title={dish.content.title}
        lead={
          taken
            ? `Demonstration, ${clock(content.begins)} to ${clock(content.begins + taken.showing.minutes)}`
            : `Demonstration for ${lesson.className}`
        }
        actions={
          dirty ? (
            <>
              <Button onClick={drop}>Drop changes</Button>
              <Button kind="main" busy={busy} onClick={() => void run(here.save)}>
                Save the demonstration
              </Button>
            </>
          ) : taken ? (
            <>
              <DownloadLink href={`${at}/script.pdf?paper=A4`}>Script, A4</DownloadLink>
              <DownloadLink href={`${at}/script.pdf?paper=LETTER`}>Letter</DownloadLink>
              <ButtonLink kind="main" to={`/lessons/${lesson.id}/demonstrations/${dish.dishId}/show`}>
                Present it
              </ButtonLink>
            </>
          ) : null
        }
      />
      <div className="mb-5 space-y-3">
        {meanwhile ? (
          <MeanwhileNotice
            what="demonstration"
            clashes={meanwhile.clashes}
            nameOf={(where) => FIELD_NAMES[where.split('.')[0]!] ?? where}
            onTakeTheirs={draft.takeTheirs}
            onDrop={drop}
          />
        ) : savedMeanwhile(error) ? null : (
          <ProblemNotice error={error} />
        )}
        {lesson.demonstrationPortions === 0 ? (
          <Notice title="The lesson cooks no portion for a demonstration, so nothing of it is on the order.">
            <Link to={`/lessons/${lesson.id}`}>Say how many in the lesson</Link>
          </Notice>
        ) : null}
        {content.choice && !taken ? <NoOrder broken={here.broken} took={content.took} onForget={() => set({ took: {} })} /> : null}
        {taken && !fits ? (
          <Notice title={`It takes ${taken.showing.minutes} minutes, and the slot is ${content.slot}.`}>
            Choose another way, or give it a longer slot.
          </Notice>
        ) : null}
        <Clashes lesson={lesson} dish={dish} all={all} mine={content} clock={clock} />
      </div>
      <div className="mb-6 flex flex-wrap items-start gap-x-6 gap-y-3">
        <Stepper
          label="Slot, minutes"
          value={content.slot}
          min={1}
          max={DEMONSTRATION_LIMITS.minutes}
          problem={fieldProblem(error, 'slot')}
          onChange={(slot) => set({ slot })}
        />
        <div className="w-40">
          <TimeField
            label="Begins"
            value={clockAt(lesson, lesson.school.timeZone, content.begins)}
            problem={fieldProblem(error, 'begins')}
            onChange={(time) => {
              const [hours = 0, minutes = 0] = time.split(':').map(Number);
              const [startHours = 0, startMinutes = 0] = lesson.start.split(':').map(Number);
              if (time) set({ begins: Math.max(0, hours * 60 + minutes - startHours * 60 - startMinutes) });
            }}
          />
        </div>
        <div className="w-72">
          <TextField
            label="Camera or place"
            maxLength={DEMONSTRATION_LIMITS.place}
            value={content.camera}
            problem={fieldProblem(error, 'camera')}
            onChange={(event) => set({ camera: event.target.value })}
          />
        </div>
      </div>
      <Choosing lesson={lesson} dish={dish} content={content} steps={here.steps} choices={choices} taken={taken} onChange={set} />
      {taken ? (
        <>
          <ReadyTable ready={ready} content={content} clock={clock} onChange={set} />
          <RunningOrder rows={rows} steps={here.steps} content={content} clock={clock} onChange={set} />
          <AskedQuestions lesson={lesson} dish={dish} asked={all.asked} onAsked={onAsked} />
          <WeighedBack dish={dish} content={content} before={all.weighedBefore[dish.dishId] ?? []} onChange={set} />
        </>
      ) : null}
    </>
  );
}

interface ClashesProps {
  readonly lesson: LessonDetail;
  readonly dish: LessonDish;
  readonly all: DemonstrationsOfLesson;
  readonly mine: Demonstration;
  readonly clock: (minute: number) => string;
}

/** Demonstrations of the same lesson that want the same camera at once. */
function Clashes({ lesson, dish, all, mine, clock }: ClashesProps) {
  const lying = lesson.dishes.flatMap((each) => {
    const content = each.dishId === dish.dishId ? mine : all.items.find(({ dishId }) => dishId === each.dishId)?.content;
    if (!content?.choice) return [];
    const minutes =
      optionFor(showSteps(each.content, content, demonstratedIn(lesson.techniques)), content.choice)?.showing.minutes ?? content.slot;
    return [{ dishId: each.dishId, begins: content.begins, minutes, camera: content.camera }];
  });
  const titleOf = (id: string) => lesson.dishes.find(({ dishId }) => dishId === id)!.content.title;
  return cameraClashes(lying).map(({ camera, first, second, free }) => (
    <Notice key={`${first} ${second}`} title={`“${titleOf(first)}” and “${titleOf(second)}” want ${camera} at the same time.`}>
      Let “{titleOf(second)}” begin at {clock(free)}, or give it another place.
    </Notice>
  ));
}
