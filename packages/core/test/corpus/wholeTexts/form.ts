/**
 * Whole texts as people paste them, read by hand before the reader was written. Each line begins with what it is:
 *
 * - `title`, `yield`, `comp` (the name of a component), `ingr` and `method` (headings that only name their section),
 *   `method=` (the same, under a component that goes on), `line`, `step`, `tool`, `note` (kept with the dish: times and ovens in the
 *   head, tips, NB), `aside` (what surrounds a recipe), `more` (goes on with the line before it).
 * - After `=>` stands what it means. Lines: amount, then `|`, the item and, after another `|`, its preparation where it counts.
 *   Steps: times (`5m`, `15-20m`, `1.5h`, `30s`, `2d`) and temperatures (`180C`, `350F`). Yields: `portions 6` or `gives 1.5 l`.
 */
export interface WholeText {
  readonly manner: string;
  readonly marked: string;
}
