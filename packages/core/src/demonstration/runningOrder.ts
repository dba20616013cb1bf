import type { DishContent, MethodStep } from '../dish';
import { hazardsIn, HAZARD_SPECS, plainOf, type Sense, type TechniqueCard } from '../technique';
import { text, type Said } from '../words';
import type { DemonstrationOption } from './choices';
import type { ShowStep } from './showing';
import { NO_WORDS, type Given, type StepWords } from './types';

/** A question for the group with what to answer. */
export interface ToAsk {
  readonly asked: Said;
  readonly answer: string;
  /** Somebody asked it in an earlier demonstration. */
  readonly heard: boolean;
}

/** A question that was asked at a step, and what was answered. */
export interface AskedQuestion {
  readonly stepId: string;
  readonly asked: string;
  readonly answer: string;
}

/** One line of the running order; minutes from its beginning. */
export interface RunningStep {
  readonly stepId: string;
  readonly text: string;
  readonly component: string;
  readonly from: number;
  readonly until: number;
  readonly given: Given;
  /** Ends of steps that stand ready and are taken up here. */
  readonly takesUp: readonly string[];
  /** Minutes before it in which nothing has to be done: talk, taste, tidy. */
  readonly freeBefore: number;
  readonly say: readonly string[];
  readonly ask: readonly ToAsk[];
  readonly pass: readonly { readonly sense: Sense | null; readonly text: string }[];
  readonly cautions: readonly string[];
  readonly place: Said;
}

interface Script {
  readonly cards: ReadonlyMap<string, TechniqueCard>;
  readonly words?: Readonly<Record<string, StepWords>>;
  readonly heard?: readonly AskedQuestion[];
  /** Techniques that the lesson is about: theirs is said first. */
  readonly focus?: ReadonlySet<string>;
}

/** Lines of each kind that a script takes from the cards of a step: more is not said while hands work. */
const FROM_CARDS = { say: 4, ask: 3, pass: 4 } as const;

/** Where people look, by what the step is done on. */
function placeOf({ needs, hands }: ShowStep['work'], { text: written }: MethodStep): Said {
  if (needs.some(({ kind }) => kind === 'oven')) return { code: 'demo.place-oven' };
  if (needs.some(({ kind }) => kind === 'burner')) return { code: 'demo.place-pan' };
  if (/\b(?:plate|plates|serve|garnish|dress)\b/i.test(written)) return { code: 'demo.place-plate' };
  return hands === 'on' ? { code: 'demo.place-board' } : { code: 'demo.place-none' };
}

/** The first of each list, then the second of each, up to so many: every card is heard before one is heard out. */
function firstOf<T>(lists: readonly (readonly T[])[], most: number): readonly T[] {
  const longest = Math.max(0, ...lists.map(({ length }) => length));
  return Array.from({ length: longest }, (_, at) => lists.flatMap((list) => list.slice(at, at + 1)))
    .flat()
    .slice(0, most);
}
const once = (lines: readonly string[]): readonly string[] => [...new Set(lines.map((line) => line.trim()).filter(Boolean))];

function cautionsOf({ text: written, caution }: MethodStep, cards: readonly TechniqueCard[]): readonly string[] {
  const told = once([caution, ...cards.flatMap(({ cautions }) => cautions)]);
  const all = told.join(' ').toLowerCase();
  // What neither dish nor card speaks of is said by the usual words of its hazard.
  const usual = hazardsIn([written]).filter((hazard) => !HAZARD_SPECS[hazard].answeredBy.some((word) => all.includes(word)));
  return [...told, ...usual.map((hazard) => HAZARD_SPECS[hazard].caution)];
}

/** What a card gives to ask: its own questions, a stage that only looks wrong, and the cause of what goes wrong. */
const questionsOf = ({ questions, looksWrong, faults }: TechniqueCard): readonly ToAsk[] => [
  ...questions.map(({ ask, answer }) => ({ asked: text(ask), answer, heard: false })),
  ...looksWrong.slice(0, 1).map(({ see, because }) => ({ asked: { code: 'demo.ask-wrong', see } as const, answer: because, heard: false })),
  ...faults.slice(0, 1).map(({ see, cause }) => ({ asked: { code: 'demo.ask-cause', see } as const, answer: cause, heard: false })),
];

/**
 * The running order of a demonstration: what is done when, what is said, asked and passed round at each step, the caution before each hazard,
 * and what is taken up that stands ready.
 *
 * @param cards - cards of the techniques that the steps name, by id
 */
export function runningOrder(
  content: DishContent,
  steps: readonly ShowStep[],
  { showing, given, standIns }: Pick<DemonstrationOption, 'showing' | 'given' | 'standIns'>,
  { cards, words = {}, heard = [], focus = new Set() }: Script,
): readonly RunningStep[] {
  const written = new Map(content.method.map((step) => [step.id, step]));
  const components = new Map(content.components.map(({ id, name }) => [id, name]));
  const stands = new Set(standIns.after);
  let busyUntil = 0;
  return showing.shown.map(({ at, step: place }) => {
    const show = steps[place]!;
    const { work } = show;
    const own = written.get(work.id)!;
    const named = [...work.techniqueIds].sort((a, b) => Number(focus.has(b)) - Number(focus.has(a)));
    const told = named.flatMap((id) => cards.get(id) ?? []);
    const { say, ask, pass, place: where } = words[work.id] ?? NO_WORDS;
    const freeBefore = Math.max(0, at - busyUntil);
    busyUntil = at + show.active;
    return {
      stepId: work.id,
      text: work.text,
      component: components.get(work.componentId ?? '') ?? '',
      from: at,
      until: busyUntil,
      given: given[place]!,
      takesUp: show.after.filter((before) => stands.has(before) && given[before] !== 'live').map((before) => steps[before]!.work.id),
      freeBefore,
      say: once([
        say,
        own.critical,
        ...firstOf(
          told.map(({ criticalPoints }) => criticalPoints.map((point) => plainOf(point.text))),
          FROM_CARDS.say,
        ),
      ]),
      ask: [
        ...(ask ? [{ asked: text(ask), answer: '', heard: false }] : []),
        ...heard.filter(({ stepId }) => stepId === work.id).map(({ asked, answer }) => ({ asked: text(asked), answer, heard: true })),
        ...firstOf(told.map(questionsOf), FROM_CARDS.ask),
      ],
      pass: [
        ...(pass ? [{ sense: null, text: pass }] : []),
        ...firstOf(
          told.map(({ passedRound, cues }) => [
            ...passedRound.map((each) => ({ sense: null, text: each })),
            ...cues.filter(({ sense }) => sense !== 'measure' && sense !== 'hear'),
          ]),
          FROM_CARDS.pass,
        ),
      ],
      cautions: cautionsOf(own, told),
      place: where ? text(where) : placeOf(work, own),
    };
  });
}
