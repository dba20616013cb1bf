export interface RecordEntry {
  readonly number: number;
  readonly lessonId: string;
  readonly assessmentId: string;
  readonly personId: string;
  /** ISO, UTC, with milliseconds. */
  readonly at: string;
  readonly why: string;
  /** JSON as it was written; null where nothing was told. */
  readonly before: string | null;
  readonly after: string | null;
}
export interface ChainedEntry extends RecordEntry {
  readonly previous: string;
  readonly hash: string;
}
export const BEGINNING: string;
export function hashOf(previous: string, entry: RecordEntry): string;
export function brokenAt(rows: readonly ChainedEntry[]): { readonly number: number; readonly why: string } | null;
