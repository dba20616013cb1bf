import { namesTime } from '../quantity';
import { isTold } from '../verbs';
import type { Likeness } from './likeness';
import { ALL_IN, TRAIL } from './manner';
import { LEADERS, type Seen } from './seen';
import {
  ABOUT_IT,
  OF_THE_LESSON,
  TO_FILL_IN,
  NOTE,
  OUT_OF,
  KEEPING,
  ASIDE,
  AROUND,
  ASIDE_HEADS,
  SIGN_OFF,
  RUNNING_HEAD,
  STEP_ALONE,
} from './sectionWords';

const WISHES =
  /^(?:(?:with )?(?:best|kind|warm(?:est)?) (?:wishes|regards)|regards|many thanks|thanks(?: all| everyone| a lot| so much| again)?|cheers(?: all)?|love|yours(?: \p{L}+)?)[,!.]?$/iu;
const LABEL_ALONE =
  /^(serves|servings?|portions?|makes|yields?|ready in|prep(?:aration)?(?: time)?|cook(?:ing)?(?: time)?|total(?: time)?|difficulty|level|cuisine|course|cost|skill level|rating|diet)\s*:?$/i;
const LABELS_ALONE =
  /^(?:(?:yields?|serves|servings?|portions?|makes|prep(?:aration)?|cook(?:ing)?|total|time|difficulty|level|rating|calories|cost|course|cuisine)\s+){1,5}(?:yields?|serves|servings?|portions?|makes|prep(?:aration)?|cook(?:ing)?|total|time|difficulty|level|rating|calories|cost|course|cuisine)$/i;
const YIELD_LABEL = /^(?:serves|serving|portion|makes|yield)/i;

/** The word that stands alone over what is said to it; "COOK" over what is done is none. */
function labelOf(line: string, value: string): string | null {
  const [, label = ''] = LABEL_ALONE.exec(line) ?? [];
  if (!label || value.length > 30) return null;
  return !/^(?:prep|cook|total)/i.test(label) || namesTime(value) ? label : null;
}

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
    outside,
    before,
    first,
    next,
    signed,
  }: Seen,
  like: Likeness,
): void {
  // "Each table of 4 cooks one tray (8 small portions)"
  if (
    /^(?:each|every) (?:table|group|team|pair|bench|station|student|learner)\b[^.]{0,20}\s(?:cooks|makes|prepares|produces|gets|shares)\s(?!.*:$)/i.test(
      bare,
    )
  ) {
    like.note += 12;
    like.line -= 10;
    like.more -= 12;
    like.title -= 10;
  }
  // "Serves" / "− 4 +", "Difficulty" / "Easy": a word over what is said to it.
  if (next !== null && labelOf(bare, next)) {
    like.aside += 14;
    like.component -= 14;
    like.line -= 8;
    like.note -= 10;
  }
  const label = before === null ? null : labelOf(before, bare);
  if (label && YIELD_LABEL.test(label) && /^\W*\d{1,3}(?:\s?[-–]\s?\d{1,3})?\W*(?:people|portions?|servings?|pieces)?\W*$/i.test(bare)) {
    like.yield += 26;
    like.line -= 12;
  } else if (label && words <= 5 && !measured) {
    like.note += 12;
    like.component -= 12;
    like.line -= 8;
    like.more -= 14;
  }
  // "Sufficient for 5 persons. Time 1 hour. Cost 1s. 4d."
  if (/^(?:sufficient|enough|serves|makes|feeds)\b[^.]{3,30}\.\s+(?:time|seasonable|cost|average cost|keeps)\b/i.test(bare)) {
    like.note += 12;
    like.step -= 8;
    like.line -= 8;
  }
  if (signed) {
    like.aside += 14;
    like.step -= 10;
    like.line -= 10;
  }
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
  if (
    like.note > 6 &&
    (heading ||
      /^[^\p{Ll}]+$|:$/u.test(bare) ||
      /^(?:recipe |\p{L}+[’']s )?(?:notes?|tips?|variations?|substitutions?|swaps)$/iu.test(bare))
  )
    like.component -= 20;
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
  if (before !== null && /^(?:for )?how many\b/i.test(before) && /^\D{0,8}\d{1,3}(?:\s?ish)?\W*$/i.test(bare)) {
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
  if (
    like.aside < 3 &&
    (AROUND.test(bare) || (words <= 9 && OUT_OF.test(bare)) || (TO_FILL_IN.test(bare.slice(-80)) && !(number !== null && told))) &&
    !LEADERS.test(bare)
  ) {
    like.aside += 10;
    like.component -= 6;
    like.step -= 5;
    like.line -= 5;
  }
  // "Don't forget the tin you borrowed!!"
  if (
    (/^(?:do ?n[o’']t|don[’']t) forget\b/i.test(bare) || /!!+$/.test(bare)) &&
    /\b(?:you|your|me|my)\b/i.test(bare) &&
    !times &&
    !heats &&
    !measured &&
    !food
  ) {
    like.aside += 10;
    like.step -= 8;
  }
  // Who writes, and what they are, under "Best wishes".
  if (before !== null && WISHES.test(before) && words <= 4 && !measured && !amount) {
    like.aside += 12;
    like.line -= 8;
    like.component -= 8;
  }
  if (
    /^(?:head|manager|director|lecturer|tutor|instructor|coordinator|secretary|(?:head |sous |executive )?chef)\s(?:of|for)\s\p{Lu}[\p{L} &]{2,40}$/iu.test(
      bare,
    )
  ) {
    like.aside += 18;
    like.line -= 16;
    like.component -= 8;
  }
  // "IN → OUT: 8 kg raw onion gives about 5 L"
  if (
    words >= 5 &&
    !told &&
    !/[.!]\s\p{Lu}/u.test(bare) &&
    /^[^(]*\b(?:gives?|yields?|makes?)\s(?:about\s|ca\.?\s)?\d[\d.,]*\s?(?:l|kg|g|ml|litres?)\b\W*$/i.test(bare) &&
    !/^(?:gives?|yields?|makes?)\b/i.test(bare)
  ) {
    like.note += 16;
    like.line -= 14;
  }
  // "1x2x3x": what is pressed to have more of it.
  if (/^(?:\d(?:\/\d)?\s?x\s?){2,6}$/i.test(bare)) {
    like.aside += 24;
    like.line -= 14;
  }
  // "DAY 2–3: Keep at 22 °C. Burp once a day."
  if (
    /^(?:day|night|hour|week|morning)\s?\d{0,2}(?:\s?[-–]\s?\d{1,2})?\s*[:–—]\s+\S/i.test(bare) &&
    (heats || told || times || sentence) &&
    words > 4
  ) {
    like.aside -= 10;
    like.step += 8;
    like.note -= 4;
  }
  // "Cook: simmer in salted water 3 min", "Bake: 240 °C, 38 min" among steps that are named so.
  const [, done = ''] = /^(?:cook(?:ing)?|bak(?:e|ing)|chill(?:ing)?|rest(?:ing)?|prep(?:aration)?)\s*:\s+(.+)$/i.exec(bare) ?? [];
  if (done && (isTold(done) || (heats && times && before !== null && /^\p{Lu}[\p{L} ]{2,20}:\s/u.test(before)))) {
    like.note -= 9;
    like.step += 9;
  }
  // "gas 5 about 40 min. cut warm, leave in tin", "1. Oven 200. Whisk dry, whisk wet,"
  if ((/^(?:gas|regulo|mark)\s/i.test(bare) && times && verbs > 0) || (number !== null && number > 0 && /^oven\b/i.test(text))) {
    like.note -= 10;
    like.step += 9;
  }
  // "Serves 6. Or me."
  if (/^(?:serves|makes|feeds|fills)\s[^.]{1,30}(?<!\b(?:approx|ca|c|about))\.\s/i.test(bare) && words < 10) {
    like.note += 10;
    like.step -= 8;
  }
  if (/^stor(?:e|age)\s*:/i.test(bare)) {
    like.note += 8;
    like.step -= 6;
  }
  if (/^(?:batch|size|quantity|column)\s[A-D1-3]\s*[=:]\s*(?:for\s)?\d/i.test(bare)) {
    like.note += 14;
    like.step -= 8;
    like.line -= 8;
  }
  // "Pairs, 45 minutes, 2 plates"
  if (
    /^(?:(?:work )?in )?(?:pairs|groups|teams|individual(?:ly)?|alone|threes|fours)\b(?:\s\([^()]*\))?\s*(?:[,.·|–-]|$)/i.test(bare) &&
    words <= 10 &&
    !told
  ) {
    like.note += 14;
    like.step -= 10;
    like.line -= 8;
  }
  if (LABELS_ALONE.test(bare)) {
    like.aside += 18;
    like.component -= 14;
    like.title -= 12;
  }
  if (/\bthis is (?:what|how|the one|the way) (?:I|we)\b/i.test(outside) && !times && !heats && !measured) {
    like.aside += 8;
    like.step -= 8;
  }
  // "Today we are making Courgette Fritters!"
  if (
    /^(?:today|this (?:week|time|lesson)|in this lesson),? (?:we|you)(?:[’']re| are| will be)? (?:making|cooking|baking|going to (?:make|cook|bake))\b/i.test(
      bare,
    )
  ) {
    like.aside += 12;
    like.step -= 10;
  }
  // "I always do this one:"
  if (/^(?:I|we|he|she|this|here)\b[^\d]{3,50}:$/i.test(bare) && !food) {
    like.aside += 6;
    like.line -= 4;
    like.component -= 4;
  }
  // "I put oats on sometimes. See you on the 14th!"
  if (
    /^I\s(?:\p{L}+ )?(?:put|use|add|make|do|like|love|serve|freeze|keep)\b.*\b(?:sometimes|usually|often|always|too|as well|see you|instead|myself)\b/iu.test(
      bare,
    ) ||
    /\bsee you (?:on|at|in|next|soon|then|tomorrow)\b/i.test(bare)
  ) {
    like.note += 8;
    like.step -= 7;
  }
  // "Candidate signature ......... Date .........": to be filled in by hand.
  if (
    /^(?:assessor|candidate|student|learner|tutor|teacher|examiner|verifier)[’']?s? (?:comments?|signature|names?|feedback|number|declaration)\b/i.test(
      bare,
    )
  ) {
    like.aside += 20;
    like.line -= 16;
    like.step -= 8;
  }
  // "LESSON 7 — KNEADING AND PROVING"
  if (/^(?:lesson|session|unit|module|week|practical)\s\d{1,2}\s*[:–—-]\s/i.test(bare) && first && next !== null) {
    like.aside += 8;
    like.step -= 12;
  }
  // "Mrs. O. Larkin": who gave it.
  if (
    /^(?:Mrs?|Ms|Miss|Dr|Sister|Brother|Father|Rev)\b\.?\s(?:\p{Lu}[\p{L}.’'-]*\s?){1,4}(?:,.{2,40})?$/u.test(bare) &&
    !/[’']s\s/.test(bare)
  ) {
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
    like.line -= 5;
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
  if (/\S {3,}\S.* {3,}\S/.test(raw.trim()) && !/\d/.test(bare) && words <= 10 && cells === null) like.aside += 6;
  // "My dear Oda,"
  if (/^\p{Lu}[^,.]{1,30},$/u.test(bare) && words <= 5 && !food) like.aside += 4;
  if (/[|»>]/.test(bare) && cells === null && !amount) like.aside += 2;
  // "Home › Baking › Tray bakes": the way to a page.
  if (/[>»›/]/.test(bare) && TRAIL.test(bare)) {
    like.aside += 16;
    like.title -= 14;
    like.component -= 14;
  }
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
