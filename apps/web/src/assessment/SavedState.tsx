import { Check, CloudOff, RefreshCw } from 'lucide-react';
import { retryNow, type OutboxState } from '../device';

/** Whether everything given here has been saved; if not, how much waits on this device and why. */
export function SavedState({ outbox }: { outbox: OutboxState }) {
  const count = outbox.waiting.length;
  if (count === 0 && !outbox.trouble) {
    return (
      <p role="status" className="inline-flex min-h-12 items-center gap-2">
        <Check aria-hidden className="size-5" /> All saved
      </p>
    );
  }
  return (
    <p
      role="status"
      className={`inline-flex min-h-12 flex-wrap items-center gap-2 px-2 ${outbox.trouble ? 'border-2 border-dashed border-beet bg-beet-wash font-semibold' : ''}`}
    >
      {outbox.trouble ? <CloudOff aria-hidden className="size-5" /> : <RefreshCw aria-hidden className="size-5" />}
      {outbox.trouble ? `${count > 0 ? `${count} kept on this tablet, not saved yet: ` : ''}${outbox.trouble}` : `Saving ${count}`}
      {outbox.trouble ? (
        <button type="button" onClick={() => void retryNow()} className="min-h-12 px-2 underline underline-offset-4">
          Try now
        </button>
      ) : null}
    </p>
  );
}
