import type { MarkingSheet } from '@pelvo/contract';
import { useDeviceChoice } from './useDeviceChoice';

/**
 * Who cooked a plate together: the students of one station who are there, in the order of the sheet. Only oneself where nobody else
 * stands there.
 */
export function teamAt({ students }: Pick<MarkingSheet, 'students'>, studentId: string): readonly string[] {
  const self = students.find(({ id }) => id === studentId);
  if (!self || self.absent || self.station === null) return [studentId];
  return students.filter(({ absent, station }) => !absent && station === self.station).map(({ id }) => id);
}

/** Whether a plate is marked once for all who cooked it; kept on this device for the lesson. */
export function useForTeam(lessonId: string): readonly [boolean, (forTeam: boolean) => void] {
  const [choice, choose] = useDeviceChoice(`pelvo.for-team ${lessonId}`);
  return [choice === '1', (next) => choose(next ? '1' : '')];
}
