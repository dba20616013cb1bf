import { figureInWords, showMeasure, shownOf, words, type Figure, type FigureInWords, type Measure, type Said } from '@pelvo/core';
import { speech } from './speech';

/** What the core says, in the words and units of the person who is signed in. */
export const inWords = (said: Said): string => words(said, speech().preferences);
export const told = (figure: Figure): FigureInWords => figureInWords(figure, speech().preferences);
export const shown = (figure: Figure): string => shownOf(figure, speech().preferences);
export const measured = (value: Measure): string => showMeasure(value, speech().preferences);
