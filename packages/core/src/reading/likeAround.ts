import { isTold } from '../verbs';
import type { Likeness } from './likeness';
import { ALL_IN } from './manner';
import { LEADERS, type Seen } from './seen';
import {
  ABOUT_IT,
  OF_THE_LESSON,
  TO_FILL_IN,
  NOTE,
  KEEPING,
  ASIDE,
  AROUND,
  ASIDE_HEADS,
  SIGN_OFF,
  RUNNING_HEAD,
  STEP_ALONE,
} from './sectionWords';

/** Whether a line opens something that is not the recipe: questions, aims, readers' comments. */
export const headsAside = ({ bare, text, pointed }: Pick<Seen, 'bare' | 'text' | 'pointed'>): boolean =>
  ASIDE_HEADS.test(bare) || (pointed && ASIDE_HEADS.test(text));

/** How much it looks like a yield, a note, or what surrounds a recipe. */
export function likeAround(
  {
    raw,
    written,
    bare,
    text,
    cells,
    pointed,
    number,
    words,
    amount,
    measured,
    food,
    sentence,
    told,
    verbs,
    times,
    heats,
    noted,
    chapter,
    heading,
    said,
    before,
    first,
    next,
  }: Seen,
  like: Likeness,
): void {
  if (said && said.left < 4) like.yield += 14;
  else if (said && /[|•]|\/\s/.test(bare)) like.yield += times ? 14 : 10;
  if (/^\s*>\s/.test(raw) && !measured && !told && !times && !heats) like.note += 5;
  else if (/^\s*>\s/.test(raw) && (told || times || heats) && !NOTE.test(bare)) like.step += 3;
  if (NOTE.test(bare) || /^(?:TIPS?|NOTES?|N\.?B\.?)\b/.test(bare)) like.note += 9;
  else if (pointed && NOTE.test(text)) like.note += 6;
  else if (KEEPING.test(bare)) like.note += 4;
  // "Make ahead: cool to below 8 °C …"
  if (/^(?:make|do|get)[- ]ahead\s*:/i.test(bare)) like.step -= 6;
  // "Oven 200 °C, 25 min until golden." behind a step is the next one.
  if (/^oven\b/i.test(bare) && times && before !== null && /[.!]$/.test(before) && sentence) {
    like.note -= 8;
    like.step += 8;
  }
  // "Makes: a bowlful | Time: 40 min | Difficulty: easy"
  if (/[|•]\s*(?:(?:difficulty|level|skill)\b|(?:time|prep|cook)\b(?:\s+time)?\s*(?::|\d))/i.test(bare)) like.note += 8;
  if (like.note > 6 && (heading || /^[^\p{Ll}]+$|:$/u.test(bare) || /^(?:notes?|tips?|variations?)$/i.test(bare))) like.component -= 20;
  if (like.note > 6) {
    like.step -= 4;
    like.line -= 4;
  }
  // "Oven 160 fan. Mix wet into dry."
  const heatFirst = /^(?:oven|grill|hob)\b[^.]{0,30}\.\s(.+)$/i.exec(bare);
  if (heatFirst && isTold(heatFirst[1]!)) like.step += 12;
  else if (sentence && !told) like.note += 2;
  // What is written under a stroke at the very end signs every mail alike.
  if (before !== null && /^[_-]{2,}$/.test(before) && !measured && number === null && next === null) like.aside += 12;
  // "How many does that do" and the answer.
  if (before !== null && /^how many\b/i.test(before) && /^\D{0,8}\d{1,3}(?:\s?ish)?\W*$/i.test(bare)) {
    like.yield += 24;
    like.line -= 10;
  }
  if (ALL_IN.test(bare)) {
    like.note += 16;
    like.line -= 10;
  }
  if (chapter) {
    like.aside += 24;
    like.step -= 10;
    like.line -= 10;
  }
  if (noted) {
    like.note += 9;
    like.step -= 7;
    like.component -= 10;
    like.line -= 5;
  }
  // Under "Notes" alone stands a note, also where it tells somebody to do something.
  if (before !== null && /^\W*(?:notes?|tips?)\b\W*(?:edit\W*)?$/i.test(before)) {
    like.note += 6;
    like.step -= 4;
  }
  if (ASIDE.test(bare)) like.aside += told && /^(?:share|save|print|search|rate|tag|follow|name|date)\b/i.test(bare) && words > 3 ? 3 : 9;
  // "Can you order the flour?", "… | tel 0555 123": said to somebody, and by whom.
  if (
    /^(?:can|could|will|would|do|did|have) (?:you|we|they|anyone)\b.*\?/i.test(bare) ||
    /\b(?:tel|phone|mob(?:ile)?)\b[.:]?\s?\+?\d/i.test(bare)
  ) {
    like.aside += 10;
    like.step -= 8;
  }
  if (/\b(?:work ?sheet|task ?sheet|handout)\s\d{1,3}$/i.test(bare)) {
    like.aside += 9;
    like.title -= 10;
  }
  if (/^please\s/i.test(bare) && ASIDE.test(bare)) like.step -= 6;
  if (like.aside < 3 && (AROUND.test(bare) || (TO_FILL_IN.test(bare.slice(-80)) && !(number !== null && told))) && !LEADERS.test(bare)) {
    like.aside += 10;
    like.component -= 6;
    like.step -= 5;
    like.line -= 5;
  }
  // "Mrs. O. Larkin": who gave it.
  if (/^(?:Mrs?|Ms|Miss|Dr|Sister|Brother|Father|Rev)\b\.?\s(?:\p{Lu}[\p{L}.’'-]*\s?){1,4}(?:,.{2,40})?$/u.test(bare)) {
    like.aside += 12;
    like.component -= 12;
    like.title -= 6;
  }
  // "Aran's gran": whose it is.
  if (/^\p{Lu}\p{Ll}+['’]s\s(?:gran(?:ny|dmother|ma)?|mum|mom|mother|aunt(?:ie)?|nana|recipe|way|kitchen|version)$/iu.test(bare)) {
    like.aside += 10;
    like.component -= 10;
  }
  // "Rui, bring back my jug please": said to one person.
  if (/^\p{Lu}\p{Ll}+, (?:\p{Ll}+ ){1,8}/u.test(bare) && /\b(?:my|me|please)\b/i.test(bare) && !times && !measured && !food) {
    like.aside += 9;
    like.step -= 8;
  }
  // "(semolina cake with apricots)": said of what stands above it.
  if (/^\([^()]{4,80}\)$/.test(bare) && !measured && !said) {
    like.note += 8;
    like.line -= 8;
    like.component -= 6;
    like.more -= 6;
  }
  // "Date: ______" is filled in by hand.
  if (/^(?:date|name|group|class|signed?|chef|tutor)\s*:?\s*[_.]{3,}/i.test(written)) {
    like.component -= 16;
    like.aside += 10;
  }
  if (OF_THE_LESSON.test(bare) || OF_THE_LESSON.test(written)) {
    like.aside += 12;
    like.step -= 8;
  }
  if (headsAside({ bare, text, pointed })) {
    like.aside += pointed ? 14 : 8;
    like.component -= 8;
  }
  if (/\bpage \d+(?: of \d+)?\.?$/i.test(bare) && words <= 10) like.aside += 8;
  if (RUNNING_HEAD.test(written) && (first || !food)) like.line -= 10;
  if (RUNNING_HEAD.test(written)) like.aside += /^\d+$/.test(written) ? 10 : 8;
  if (SIGN_OFF.test(bare) && !food) like.aside += 3;
  // "Your Hedda"
  if (/^(?:ever\s)?yours?,?\s\p{Lu}\p{Ll}+$/iu.test(bare)) {
    like.aside += 8;
    like.component -= 10;
    like.title -= 8;
  }
  // "There is nothing better on a rainy evening …": told of the dish, not how to make it.
  if ((sentence || words >= 6) && number === null && !measured && ABOUT_IT.test(bare)) {
    like.step -= 6;
    like.line -= 4;
    like.aside += 3;
    like.note += 1;
  }
  if (/\?$/.test(bare)) {
    like.aside += 4;
    like.step -= 4;
    like.title -= 5;
  }
  if (!amount && !times && /\b(?:said|told me|mine|tomorrow|yesterday)\b/i.test(bare) && verbs < 2) {
    like.aside += 5;
    like.step -= 4;
  }
  if (/\b(?:I|my|we|our)\b/.test(bare) && !told) like.aside += 2.5;
  if (sentence && !told && !times && !heats) like.aside += 1.5;
  if (!/[\p{L}\d]/u.test(bare)) {
    like.aside += 8;
    like.component -= 12;
  }
  // "About | Recipes | Shop | Contact": names of places, and no food.
  if (/^[\p{L}&’' ]{2,20}(?:\s[|•·]\s[\p{L}&’' ]{2,20}){2,9}$/u.test(bare) && !food && !told) {
    like.aside += 14;
    like.component -= 14;
    like.line -= 12;
  }
  // A bar of links: names apart, nothing between them.
  if (/\S {3,}\S.* {3,}\S/.test(raw.trim()) && !/\d/.test(bare) && words <= 10) like.aside += 6;
  // "My dear Oda,"
  if (/^\p{Lu}[^,.]{1,30},$/u.test(bare) && words <= 5 && !food) like.aside += 4;
  if (/[|»>]/.test(bare) && cells === null && !amount) like.aside += 2;
  if (measured && !sentence) like.aside -= 4;
  // Whoever is told what to do in two sentences is told how to cook, whatever is said before.
  if (
    words > 20 &&
    !(before !== null && STEP_ALONE.test(before)) &&
    written.split(/(?<=[.!?])\s+/).filter((part) => isTold(part)).length >= 2
  ) {
    like.aside -= 8;
    like.step += 6;
  }
}
