import { Button, Dialog } from '../design';

interface PhotoDialogProps {
  readonly id: string;
  readonly onClose: () => void;
  readonly onErase: () => void;
}

/** A photo of a plate, large, and the way to take it away. */
export default function PhotoDialog({ id, onClose, onErase }: PhotoDialogProps) {
  return (
    <Dialog open wide title="Photo of this plate" onClose={onClose}>
      <img src={`/api/photos/${id}`} alt="The plate as it came to the pass" className="max-h-[60vh] w-full object-contain" />
      <div className="mt-3">
        <Button onClick={onErase}>Take this photo away for good</Button>
      </div>
    </Dialog>
  );
}
