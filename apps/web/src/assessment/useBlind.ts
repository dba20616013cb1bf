import type { MarkingStudent } from '@pelvo/contract';
import { useDeviceChoice } from './useDeviceChoice';

/** Whether this device shows plates by station until they are marked, so that nobody marks a name. */
export function useBlind(): readonly [boolean, (blind: boolean) => void] {
  const [blind, choose] = useDeviceChoice('pelvo.blind');
  return [blind === '1', (next) => choose(next ? '1' : '')];
}

/** Whose plate it is, as far as an assessor may know yet. Two at one station are told apart by a letter. */
export function whoIs(
  student: Pick<MarkingStudent, 'id' | 'name' | 'station'>,
  students: readonly Pick<MarkingStudent, 'id' | 'station'>[],
  blind: boolean,
): string {
  if (!blind || student.station === null) return student.name;
  const there = students.filter(({ station }) => station === student.station);
  const letter = there.length > 1 ? ` ${'abcdefghijkl'[there.findIndex(({ id }) => id === student.id)] ?? ''}` : '';
  return `Station ${student.station}${letter}`;
}
