import type { ReactNode } from 'react';
import { Button } from './Button';
import { Notice } from './Notice';

interface MeanwhileNoticeProps {
  /** What was saved: "plan", "card". */
  readonly what: string;
  readonly onKeepMine: () => void;
  readonly onTakeTheirs: () => void;
  /** In what the two differ. */
  readonly children?: ReactNode;
}

/** Someone else saved first: both are still there, and which of them is to be kept is asked. */
export function MeanwhileNotice({ what, onKeepMine, onTakeTheirs, children }: MeanwhileNoticeProps) {
  return (
    <Notice kind="problem" title={`Someone else has saved this ${what} meanwhile. Nothing of yours is lost.`}>
      {children}
      <div className="mt-2 flex flex-wrap gap-2">
        <Button kind="main" onClick={onKeepMine}>
          Save mine over it
        </Button>
        <Button onClick={onTakeTheirs}>Take what is stored</Button>
      </div>
    </Notice>
  );
}
