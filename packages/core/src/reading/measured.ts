import { isTold } from '../verbs';
import { fromCells } from './cells';
import { readAmount } from './readAmount';
import { AMOUNT_BEHIND, BULLET, COUNT_BEHIND, SEASONING, TO_TASTE } from './sectionWords';

/** Whether a line begins with an amount in a unit, or ends with one. */
export const isMeasured = (line: string): boolean => {
  const bare = line.slice(0, 200).replace(BULLET, '');
  return (
    readAmount(bare)?.unitWritten === true ||
    TO_TASTE.test(bare) ||
    SEASONING.test(bare) ||
    COUNT_BEHIND.test(bare) ||
    fromCells(line) !== null ||
    (bare.length < 80 && AMOUNT_BEHIND.test(` ${bare}`)) ||
    (/^(?:\d{1,3}|an?|one|two|three|four|six)\s+\p{L}{2}/iu.test(bare) && bare.length < 60 && !isTold(bare.replace(/^\S+\s+/, '')))
  );
};
