import { useMemo } from 'react';
import { drawnPlates } from '@pelvo/core';
import type { MarkingSheet } from '@pelvo/contract';
import { isAway, platesOf } from './queueOf';
import { useDeviceChoice } from './useDeviceChoice';

/** Shares of the plates that are drawn for a second marking. */
export const SECOND_SHARES = [
  { value: '', name: 'none' },
  { value: '0.1', name: 'a tenth of the plates' },
  { value: '0.2', name: 'a fifth of the plates' },
  { value: '0.5', name: 'half of the plates' },
  { value: '1', name: 'every plate' },
] as const;

const keyOf = (studentId: string, dishEditionId: string) => `${studentId} ${dishEditionId}`;

/** Plates that whoever uses this device marks a second time, blind to the first; drawn alike on every device. */
export function useSecond(sheet: MarkingSheet | undefined) {
  const [share, choose] = useDeviceChoice('pelvo.second');
  const drawn = useMemo(() => {
    if (!sheet || share === '') return new Set<string>();
    const plates = platesOf(sheet).filter(({ student, dish }) => !isAway(sheet, student, dish.editionId));
    return drawnPlates(
      sheet.lessonId,
      plates.map(({ student, dish }) => keyOf(student.id, dish.editionId)),
      Number(share),
    );
  }, [sheet, share]);
  return { share, choose, isDrawn: (studentId: string, dishEditionId: string) => drawn.has(keyOf(studentId, dishEditionId)) };
}
