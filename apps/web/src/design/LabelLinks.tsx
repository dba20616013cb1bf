import type { LabelsFor } from '@pelvo/contract';
import { DownloadLink } from './Button';

/** Labels of a lesson on either paper. */
export function LabelLinks({ lessonId, what }: { readonly lessonId: string; readonly what: LabelsFor }) {
  const href = (paper: 'A4' | 'LETTER') => `/api/lessons/${lessonId}/preparation/labels.pdf?for=${what}&paper=${paper}`;
  return (
    <span className="no-print flex gap-2">
      <DownloadLink href={href('A4')}>Labels, A4</DownloadLink>
      <DownloadLink href={href('LETTER')}>Letter</DownloadLink>
    </span>
  );
}
