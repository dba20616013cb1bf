import { send, useAction } from '../device';
import { Button } from './Button';
import { Notice, ProblemNotice } from './Notice';

interface RemovedNoticeProps {
  /** What was taken away; it is sent as it was to bring it back. */
  readonly removed: { readonly name: string } | null;
  readonly path: string;
  readonly onBack: () => Promise<unknown>;
}

/** Says that something was taken away, and brings it back. */
export function RemovedNotice({ removed, path, onBack }: RemovedNoticeProps) {
  const back = useAction();
  if (!removed) return null;
  const bringBack = () =>
    back.run(async () => {
      await send('POST', path, { body: removed });
      await onBack();
    });
  return (
    <div className="mb-4">
      <Notice title={`"${removed.name}" is removed.`}>
        <Button busy={back.busy} onClick={() => void bringBack()}>
          Restore it
        </Button>
      </Notice>
      <ProblemNotice error={back.error} />
    </div>
  );
}
