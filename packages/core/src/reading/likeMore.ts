import type { Likeness } from './likeness';
import { goesOn } from './manner';
import { isMeasured } from './measured';
import { STEP_ALONE, TOOL, TOOL_LAST, ASIDE } from './sectionWords';
import type { Seen } from './seen';

/** "Step two: roast the cauliflower" over what is done. */
export const STEP_NAMED = /^\W*step\s(?:\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten)\s*[:.–-]\s*\p{L}[^.!?:]{2,50}$/iu;

const SEASONINGS_ALONE =
  /^(?:\p{L}+(?:\s\p{L}+)?(?:,\s|\s(?:and|&)\s)){0,3}(?:(?:black|white|ground)\s)?(?:salt|pepper)(?:\s(?:and|&)\s(?:\p{L}+\s){0,2}(?:pepper|nutmeg|sugar|salt))?$/iu;

/** What a line without an amount is for. */
const FOR_WHAT =
  /\bfor (?:the )?(?:top(?:ping)?|dusting|frying|greasing|sprinkling|serving|garnish(?:ing)?|decorat[a-z]+|rolling|brushing|glazing|coating|tin|tray|board|bench)s?$/i;

/** How much it looks as if it went on with the line before it. */
export function likeMore(
  {
    raw,
    bare,
    bullet,
    number,
    words,
    amount,
    measured,
    behind,
    food,
    said,
    times,
    headLike,
    before,
    blankBefore,
    byWidth,
    manner: { mostlySmall, wrapped },
  }: Seen,
  like: Likeness,
): void {
  if (byWidth) {
    like.more += 18;
    like.line -= 6;
  }
  if (!blankBefore && before !== null && !bullet && number === null) {
    if (STEP_NAMED.test(before)) like.more += 24;
    else if (/\p{Ll}[-\u00ad]$/u.test(before) && /^\p{Ll}/u.test(bare)) like.more += 16;
    else if (STEP_ALONE.test(before)) {
      like.more += 30;
      like.step -= 8;
    } else if (!/[.!?:;]["”’)]?$/.test(before)) {
      if (/^\p{Ll}/u.test(bare) && !amount && !behind) like.more += mostlySmall ? 0 : before.length > 24 ? 9 : 5;
      else if (/^\p{Ll}/u.test(bare)) like.more += mostlySmall ? 0 : 2;
      // "1 onion, very finely" / "chopped"
      if (words <= 3 && /^(?:\p{L}+ly )?\p{L}+(?:ed|cut|torn)$/u.test(bare) && isMeasured(before)) like.more += 6;
      // "°C for 14 minutes": a figure parted from what it counts.
      if (/^(?:[°º%()\].,;]|(?:g|kg|ml|l|min|mins|minutes?|hours?)\b)/i.test(bare) && /[\d(]$|\d\s?$/.test(before)) like.more += 12;
      if (before.length > 36 && !amount && !headLike) like.more += 4;
      if (before.length > 60 && !measured) like.more += 3;
      if (wrapped && goesOn(before, bare)) like.more += 6;
      // A line broken by its width, also where an amount stands in what goes on.
      if (wrapped && before.length > 30 && bare.length > 30 && behind && !amount && /^\p{Ll}/u.test(bare) && !isMeasured(before))
        like.more += 14;
      // "… in the oven at 150 °C" / "(300 °F, gas 2) for 1 3/4 hours": a bracket goes on with what it stands behind.
      if (wrapped && before.length > 24 && /^\(/.test(bare) && !isMeasured(before)) like.more += 12;
      // "Red cabbage with apple and" / "juniper"
      if (
        /(?:\b(?:and|with|of|in|or|the)|&|,)$/i.test(before) &&
        before.length <= 40 &&
        words <= 4 &&
        !measured &&
        !isMeasured(before) &&
        !ASIDE.test(before) &&
        // "fat to fry in" ends a line.
        !/\bto \p{L}+ (?:in|with)$/u.test(before)
      )
        like.more += 14;
      if (before.length > 24 && /,$|\b(?:and|the|a|of|with|in|to|for|into|over|mix|dry|until|then|from|by|on|at)$/i.test(before))
        like.more += 9;
      // "… bake uncovered for a further" / "15-20 minutes until crisp."
      if (before.length > 24 && times && /^\d/.test(bare) && /\b(?:further|another|about|around|approximately|or so)$/i.test(before)) {
        like.more += 16;
        like.step -= 4;
      }
      // A seasoning or another short name of food is a line of its own.
      if ((food || TOOL_LAST.test(bare) || TOOL.test(bare)) && words <= 3 && isMeasured(before)) like.more -= 8;
    } else if (/^\p{Ll}/u.test(bare) && !amount && !mostlySmall) like.more += 3;
    // "serve warm" / "in 120 g portions."
    if (
      !mostlySmall &&
      before.length > 16 &&
      !amount &&
      /^(?:in|on|with|for|at|until|to|of|and|or|then|into|over)\s/.test(bare) &&
      !/[.!?:;]$/.test(before)
    ) {
      like.more += behind ? 12 : 3;
      like.line -= 4;
    }
    // "… remove the seeds" / "and boil in salted water for 5 min."
    if (
      !mostlySmall &&
      before.length > 30 &&
      !measured &&
      /^(?:and|or|then|until|for|with|but|which|while)\s\p{Ll}|^(?:for|until|about)\s\d/u.test(bare)
    ) {
      like.more += 9;
      like.step -= 3;
    }
    // "… properly!! 25 min" / "paste, powder 5 min": each says how long it takes.
    if (times && /\d\s?(?:min|mins|minutes|hrs?|hours?|h)\.?$/i.test(before) && !byWidth) like.more -= 14;
    // A figure broken off its line: "cook / for another 15 min", "Mix dry / ingredients. Stir …"
    if (like.more > 3) like.more += 1;
    if (said && said.left < 4) like.more -= 12;
    // A row of columns goes on with no other row.
    if (/\S {3,}\S/.test(raw) && /\S {3,}\S/.test(before)) like.more -= 12;
    // "salt, and sugar till it tastes right" behind a line of the list.
    if (/^(?:salt|pepper|nutmeg)\b/i.test(bare) && isMeasured(before) && !/,$/.test(before)) like.more -= 8;
    // "nutmeg, salt and pepper": names alone, the last of a list.
    if (!amount && isMeasured(before) && !/,$/.test(before) && SEASONINGS_ALONE.test(bare)) like.more -= 24;
    // "cinnamon sugar for top" behind a line of a list.
    if (food && words <= 6 && FOR_WHAT.test(bare) && !/[,–—-]$/.test(before) && isMeasured(before)) like.more -= 14;
    // "nigella seeds if you like" behind a line of a list.
    if (
      food &&
      words <= 6 &&
      !/,$/.test(before) &&
      /\b(?:if (?:you )?(?:like|have|want|need)\p{L}*|optional|to taste|to serve|to finish)\)?$/iu.test(bare)
    )
      like.more -= 14;
    // "shallots 600" under a heading goes on with nothing.
    if (food && words <= 4 && /\p{L}\s\d{1,4}$/u.test(bare)) like.more -= 8;
  } else like.more -= 20;
}
