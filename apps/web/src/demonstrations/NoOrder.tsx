import { shortened, type Demonstration, type ShowStep } from '@pelvo/core';
import { Button, Notice } from '../design';

interface NoOrderProps {
  readonly broken: readonly ShowStep[];
  readonly took: Demonstration['took'];
  readonly onForget: () => void;
}

/** That what was chosen does not hold any more, and which times between its steps are in the way. */
export function NoOrder({ broken, took, onForget }: NoOrderProps) {
  const noted = Object.keys(took).length > 0;
  return (
    <Notice title="What was chosen does not hold any more: no order keeps the times between its steps.">
      {broken.map(({ work, most }) => (
        <p key={work.id}>
          After “{shortened(work.text, 60)}” the next has to begin {most === 0 ? 'at once' : `within ${most} min`}.
        </p>
      ))}
      <p>Choose anew, or change those minutes in the dish.</p>
      {noted ? <Button onClick={onForget}>Forget what minutes the steps took</Button> : null}
    </Notice>
  );
}
