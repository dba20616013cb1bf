/** A number that looks drawn, the same wherever it is computed. @source FNV-1a, 32 bits */
function drawn(text: string): number {
  let hash = 0x811c9dc5;
  for (const letter of text) hash = Math.imul(hash ^ letter.codePointAt(0)!, 0x01000193) >>> 0;
  // Ends of ids differ little: a last turn spreads them.
  return Math.imul(hash ^ (hash >>> 15), 0x2c1b3c6d) >>> 0;
}

/**
 * Plates drawn for a second marking: the same ones on every device, without being kept anywhere, and nobody chooses them.
 *
 * @param of - by whatever names a plate
 * @param share - of the plates, 0 to 1; at least one where it is above 0
 */
export function drawnPlates(lessonId: string, of: readonly string[], share: number): ReadonlySet<string> {
  const count = share <= 0 ? 0 : Math.min(of.length, Math.max(1, Math.round(of.length * share)));
  return new Set([...of].sort((a, b) => drawn(`${lessonId} ${a}`) - drawn(`${lessonId} ${b}`) || a.localeCompare(b)).slice(0, count));
}
