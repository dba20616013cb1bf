import { ProblemException } from './problem';

/**
 * The version a person edited, from `If-Match: "7"`. Whatever two people may edit is saved only with it.
 *
 * @throws ProblemException `version-missing` when the header is not there or not a version
 */
export function versionOf(ifMatch: string | undefined): number {
  const match = /^(?:W\/)?"?(\d{1,9})"?$/.exec(ifMatch ?? '');
  if (!match) throw new ProblemException('version-missing', { detail: 'Send the version you edited in the If-Match header.' });
  return Number(match[1]);
}
