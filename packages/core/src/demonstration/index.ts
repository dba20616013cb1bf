export * from './types';
export { demonstrationChoices, inTheWay, optionFor, type Choices, type DemonstrationOption, type DoesNotFit } from './choices';
export { cameraClashes, type CameraClash, type LyingDemonstration } from './clashes';
export { readyList, type StandsReady } from './readyList';
export { runningOrder, type AskedQuestion, type RunningStep, type ToAsk } from './runningOrder';
export { furtherMakings, type StandIns } from './standIns';
export { demonstratedIn, showSteps, SHORTEST_STAND, TALK_MINUTES, type ShowStep } from './showing';
export { lineAsUsed, reallyUsed, usedUp, type ReallyUsed } from './weighedBack';
