import type { Likeness } from './likeness';
import { HEADS_NOTES } from './manner';
import type { Seen } from './seen';

/** Several fields of a page in one line. */
const FIELD = String.raw`(?:servings?|serves|yields?|portions?|prep(?: time)?|cook(?: time)?|total(?: time)?|course|cuisine|calories|author|keywords?|difficulty|cost)\s*:`;
const FIELDS = new RegExp(String.raw`^${FIELD}[^:]{1,60}\s${FIELD}`, 'i');

/** What a page, a mail or a book says around a recipe, and is known by its own words: fields, who gave it, for whom it is. */
export function likePage({ bare, words, measured, food, first }: Seen, like: Likeness): void {
  // "Servings: 6 servings  Calories: 380kcal  Author: Dora"
  if (words > 4 && bare.includes(':') && FIELDS.test(bare)) {
    like.note += 14;
    like.line -= 14;
  }
  if (words <= 6 && HEADS_NOTES.test(bare)) {
    like.note += 6;
    like.step -= 8;
    like.component -= 10;
  }
  // "As promised, for about 10 people:"
  if (
    !measured &&
    words >= 3 &&
    words <= 9 &&
    /(?:people|persons|guests|of us)\W*$/i.test(bare) &&
    /(?:^|,\s)for\s(?:about\s)?\d{1,3}\s(?:people|persons|guests|of us)\W*$/i.test(bare)
  ) {
    like.note += 12;
    like.component -= 14;
    like.line -= 8;
  }
  // "by tamsin » Sun 12 Apr, 9:41", "Last edited by tamsin"
  if (/^(?:re: )?by\s\S{2,20}\s[»|·•–-]\s|^last (?:edited|updated|modified)\b/i.test(bare)) {
    like.aside += 14;
    like.step -= 8;
    like.more -= 24;
  }
  // "Recipe code: S-018"
  if (/^(?:recipe|product|item|spec(?:ification)?|card|dish) (?:code|no\.?|number|ref(?:erence)?)\s*[:#]\s*\S{1,16}$/i.test(bare)) {
    like.aside += 16;
    like.title -= 16;
    like.line -= 8;
  }
  // "Kosher salt" heads nothing.
  if (words <= 3 && /\b(?:salt|pepper)$/i.test(bare)) like.component -= 12;
  if (/^see also\b/i.test(bare)) {
    like.aside += 12;
    like.line -= 8;
  }
  // "Let me know if you'd like a slower version!"
  if (/^let me know\b/i.test(bare)) {
    like.aside += 6;
    like.step -= 8;
  }
  // "(Mrs) E. Tolland, Upper Green": who gave it.
  if (!first && !food && words <= 8 && /^\(?(?:Mrs|Miss|Mr|Ms|Dr|Sr|Fr)\b\.?\)?\s[A-Z]/.test(bare)) {
    like.aside += 12;
    like.step -= 8;
  }
}
