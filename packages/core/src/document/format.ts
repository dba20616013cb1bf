/** Any JSON object: what a stored document is before its version is known. */
export type Json = Readonly<Record<string, unknown>>;

/** How one kind of stored document is brought from each of its versions to today's. */
export interface DocumentFormat<T> {
  readonly name: string;
  /**
   * Steps from version 1 to 2, from 2 to 3 and so on; today's version is one more than their number. A step takes what
   * stands there as it is and loses nothing.
   */
  readonly upgrades: readonly ((older: Json) => Json)[];
  /** Names the first field that today's type cannot do without and that is missing or of another kind; null for none. */
  readonly lacks: (content: Json) => string | null;
  /** Only for the type. */
  readonly today?: T;
}

/** Why a stored document cannot be used. */
export type Unopenable =
  | { readonly code: 'not-a-document' }
  | { readonly code: 'other-kind'; readonly found: string }
  /** Written by a Pelvo that is newer than this one. */
  | { readonly code: 'newer'; readonly found: number; readonly known: number }
  | { readonly code: 'incomplete'; readonly field: string };

export type Opened<T> = { readonly kind: 'opened'; readonly content: T } | { readonly kind: 'refused'; readonly because: Unopenable };

/** A document as it is stored and sent to a file: what it is, in which version, and its content. */
export interface Sealed<T> {
  readonly document: string;
  readonly version: number;
  readonly content: T;
}

export const versionOfFormat = (format: DocumentFormat<unknown>): number => format.upgrades.length + 1;

/** A content of today, ready to be stored. */
export function seal<T>(format: DocumentFormat<T>, content: T): Sealed<T> {
  return { document: format.name, version: versionOfFormat(format), content };
}

/**
 * What is stored, as today's total type: older versions are upgraded, what cannot be is refused with a reason. What was
 * stored before documents carried a version counts as version 1.
 *
 * @example open(DISH, stored) // { kind: 'opened', content: { title: …, plate: [] } }
 */
export function open<T>(format: DocumentFormat<T>, found: unknown): Opened<T> {
  // A list that was stored by itself, before documents carried a version.
  const stored = Array.isArray(found) ? { items: found } : found;
  if (!isJson(stored)) return refused({ code: 'not-a-document' });
  const sealed = isSealed(stored) ? stored : { document: format.name, version: 1, content: stored };
  if (sealed.document !== format.name) return refused({ code: 'other-kind', found: sealed.document });
  const known = versionOfFormat(format);
  if (sealed.version > known) return refused({ code: 'newer', found: sealed.version, known });
  if (!isJson(sealed.content)) return refused({ code: 'not-a-document' });
  let content: Json = sealed.content;
  for (const upgrade of format.upgrades.slice(sealed.version - 1)) content = upgrade(content);
  const field = format.lacks(content);
  return field === null ? { kind: 'opened', content: content as T } : refused({ code: 'incomplete', field });
}

/** Thrown where a document of our own storing cannot be used: a broken promise, not an input. */
export class UnopenableError extends Error {
  constructor(
    readonly format: string,
    readonly because: Unopenable,
  ) {
    super(`A stored ${format} cannot be opened: ${inWords(because)}`);
  }
}

/** The content of what is stored. @throws UnopenableError when it cannot be used */
export function opened<T>(format: DocumentFormat<T>, stored: unknown): T {
  const result = open(format, stored);
  if (result.kind === 'refused') throw new UnopenableError(format.name, result.because);
  return result.content;
}

export function inWords(because: Unopenable): string {
  switch (because.code) {
    case 'not-a-document':
      return 'it is not a document.';
    case 'other-kind':
      return `it is of the kind "${because.found.slice(0, 40)}".`;
    case 'newer':
      return `it is of version ${because.found}, and this Pelvo knows up to ${because.known}. Update Pelvo, then open it again.`;
    case 'incomplete':
      return `"${because.field}" is missing or is not what it should be.`;
  }
}

const refused = (because: Unopenable): { kind: 'refused'; because: Unopenable } => ({ kind: 'refused', because });

export const isJson = (value: unknown): value is Json => typeof value === 'object' && value !== null && !Array.isArray(value);

const isSealed = (value: Json): value is Json & Sealed<unknown> =>
  typeof value.document === 'string' && Number.isInteger(value.version) && (value.version as number) >= 1 && 'content' in value;

/** Whether a list stands under a key, each entry an object; what `lacks` asks of lists of parts. */
export const isListOfJson = (value: unknown): value is readonly Json[] => Array.isArray(value) && value.every(isJson);

/** The objects of a list that may not be there. */
export const partsOf = (value: unknown): readonly Json[] => (Array.isArray(value) ? value.filter(isJson) : []);

type Kind = 'text' | 'number' | 'truth' | 'list' | 'parts' | 'object' | 'any';

const FITS: Readonly<Record<Kind, (value: unknown) => boolean>> = {
  text: (value) => typeof value === 'string',
  number: (value) => typeof value === 'number' && Number.isFinite(value),
  truth: (value) => typeof value === 'boolean',
  list: Array.isArray,
  parts: isListOfJson,
  object: isJson,
  any: (value) => value !== undefined,
};

/** A check of fields by kind, for `lacks`; parts inside are checked by their own. */
export function lacking(fields: Readonly<Record<string, Kind>>, inside: Readonly<Record<string, (part: Json) => string | null>> = {}) {
  return (content: Json): string | null => {
    for (const [key, kind] of Object.entries(fields)) if (!FITS[kind](content[key])) return key;
    for (const [key, lacks] of Object.entries(inside))
      for (const [index, part] of partsOf(content[key]).entries()) {
        const field = lacks(part);
        if (field !== null) return `${key}.${index}.${field}`;
      }
    return null;
  };
}

/** Whether two documents say the same, whatever the order of their fields. */
export function sameDocument(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (Array.isArray(a) || Array.isArray(b))
    return Array.isArray(a) && Array.isArray(b) && a.length === b.length && a.every((each, index) => sameDocument(each, b[index]));
  if (!isJson(a) || !isJson(b)) return false;
  const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...keys].every((key) => sameDocument(a[key], b[key]));
}
