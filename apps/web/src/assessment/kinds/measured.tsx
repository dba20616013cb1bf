import { lazy } from 'react';
import { LEVEL_NAMES } from '@pelvo/core';
import type { PaneOf } from './pane';

/** Apart from the rest: most lessons measure nothing, and a phone keeps what it needs only. */
export const fetchMeasuredPane = () => import('./MeasuredPane');

export const MEASURED_PANE: PaneOf<'measured'> = {
  Pane: lazy(fetchMeasuredPane),
  // Figures are typed into the field, which has the focus.
  byKey: () => null,
  isSettled: () => false,
  brief: ({ pieces, level }) => (level === null ? `${pieces.length} measured` : `${level} ${LEVEL_NAMES[level]}`),
};
