/** What the parts of a field's path are called on the screens, where that is not the word itself. */
const CALLED: Record<string, string> = { method: 'step', criteria: 'criterion', studentIds: 'student', dishIds: 'dish', dishes: 'dish' };

const spaced = (part: string): string =>
  part.replace(/([a-z])([A-Z])/g, (_, before: string, next: string) => `${before} ${next.toLowerCase()}`);
const one = (part: string): string => CALLED[part] ?? spaced(part).replace(/ies$/, 'y').replace(/s$/, '');

/**
 * The path of a field as a person finds it: numbers count from one, and what is counted stands in the singular.
 *
 * @param path - as an answer names it, its parts joined by points; what is no such path stays as it is
 * @example fieldInWords('method.6.toNext') // 'Step 7, to next'
 */
export function fieldInWords(path: string): string {
  if (!/^[a-z]\w*(?:\.\w+)*$/i.test(path)) return path;
  const parts = path.split('.');
  const words = parts.flatMap((part, at) => {
    if (/^\d+$/.test(part)) return [];
    const count = parts[at + 1];
    return [count && /^\d+$/.test(count) ? `${one(part)} ${Number(count) + 1}` : spaced(part)];
  });
  const said = words.join(', ');
  return said.charAt(0).toUpperCase() + said.slice(1);
}
