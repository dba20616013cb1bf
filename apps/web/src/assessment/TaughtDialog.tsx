import { Dialog } from '../design';

/** What a lesson teaches where good practitioners disagree. */
export default function TaughtDialog({ teaches, onClose }: { teaches: readonly string[]; onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} title="What this lesson teaches" sheet>
      <ul className="list-disc space-y-1 pl-5 text-lg">
        {teaches.map((each) => (
          <li key={each}>{each}</li>
        ))}
      </ul>
      <p className="mt-2 text-lg font-semibold">Nobody is marked down for following it.</p>
    </Dialog>
  );
}
