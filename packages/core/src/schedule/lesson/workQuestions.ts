import type { DishContent } from '../../dish';
import type { Said } from '../../words';
import { workOf } from './workOf';

/** Something of a step's place in time that is unlikely, asked about rather than believed or refused. */
export interface WorkQuestion {
  readonly stepId: string;
  readonly ask: Said;
}

/** Minutes beyond which one pair of hands is hardly busy without a break. @source our own working figure */
const LONG_AT_IT = 90;
/** How many times longer a novice is taken to be at most. @source our own working figure */
const NOVICE_AT_MOST = 4;
/** Heats that kitchen ovens are used at, degrees Celsius. @source our own working figure: drying at 50 to a stone oven at 320 */
const OVEN_FROM = 50;
const OVEN_TO = 320;

/** What is unlikely in the work of a dish, step by step. */
export function workQuestions(content: DishContent): readonly WorkQuestion[] {
  return workOf(content).flatMap(({ id, hands, minutes, needs, band, guessed, ahead, cue, toNext }, index) => {
    const step = content.method[index]!;
    const asked: Said[] = [];
    if (guessed) asked.push({ code: 'work.no-minutes', minutes: minutes.practised });
    if (hands === 'on' && minutes.practised > LONG_AT_IT) asked.push({ code: 'work.long-at-it', minutes: minutes.practised });
    if (step.noviceMinutes !== null && step.minutes !== null && step.noviceMinutes < step.minutes)
      asked.push({ code: 'work.novice-faster', novice: step.noviceMinutes, practised: step.minutes });
    if (minutes.novice > NOVICE_AT_MOST * minutes.practised)
      asked.push({ code: 'work.novice-slow', novice: minutes.novice, practised: minutes.practised });
    for (const need of needs)
      if (need.kind === 'oven' && (need.celsius < OVEN_FROM || need.celsius > OVEN_TO))
        asked.push({ code: 'work.odd-heat', celsius: need.celsius });
    if (band && step.celsius !== null && (step.celsius < band.from || step.celsius > band.to))
      asked.push({ code: 'work.best-outside', best: step.celsius, from: band.from, to: band.to });
    if (band && band.to > band.from && band.minutesAtTo > band.minutesAtFrom) asked.push({ code: 'work.hotter-slower' });
    const component = content.components.find((each) => each.id === step.componentId);
    const keeps = ahead?.may ? component?.keeps.find(({ store }) => store === ahead.store) : undefined;
    if (keeps && ahead!.hours > keeps.hours) asked.push({ code: 'work.keeps-shorter', hours: ahead!.hours, keeps: keeps.hours });
    if (cue && step.minutes !== null && (step.minutes < cue.least || step.minutes > cue.most))
      asked.push({ code: 'work.cue-outside', minutes: step.minutes, least: cue.least, most: cue.most });
    if (toNext.most !== null && toNext.most < toNext.least) asked.push({ code: 'work.most-below-least' });
    return asked.map((ask) => ({ stepId: id, ask }));
  });
}
