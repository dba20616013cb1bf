import { Check, CloudOff, RefreshCw } from 'lucide-react';
import { retryNow, type QueueState } from './markQueue';

/** Whether everything given here has been saved; if not, how much waits on this device and why. */
export function SavedState({ queue }: { queue: QueueState }) {
  const count = queue.waiting.length;
  if (count === 0 && !queue.trouble) {
    return (
      <p role="status" className="inline-flex min-h-12 items-center gap-2">
        <Check aria-hidden className="size-5" /> All saved
      </p>
    );
  }
  return (
    <p
      role="status"
      className={`inline-flex min-h-12 flex-wrap items-center gap-2 px-2 ${queue.trouble ? 'border-2 border-dashed border-beet bg-beet-wash font-semibold' : ''}`}
    >
      {queue.trouble ? <CloudOff aria-hidden className="size-5" /> : <RefreshCw aria-hidden className="size-5" />}
      {queue.trouble ? `${count > 0 ? `${count} kept on this tablet, not saved yet: ` : ''}${queue.trouble}` : `Saving ${count}`}
      {queue.trouble ? (
        <button type="button" onClick={() => void retryNow()} className="min-h-12 px-2 underline underline-offset-4">
          Try now
        </button>
      ) : null}
    </p>
  );
}
