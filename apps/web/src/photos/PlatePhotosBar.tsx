import { Camera, CloudOff, X } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { PHOTO_LIMITS } from '@pelvo/contract';
import { usePlatePhotos } from './usePlatePhotos';

// Opened now and then: a phone that marks does not keep it.
const PhotoDialog = lazy(() => import('./PhotoDialog'));

interface PlatePhotosBarProps {
  readonly lessonId: string;
  readonly studentId: string;
  readonly dishEditionId: string;
}

/** The photos of a plate while it is marked: one touch takes one, each opens large, and is taken away there. */
export function PlatePhotosBar(plate: PlatePhotosBarProps) {
  const { photos, waiting, problem, take, erase, drop } = usePlatePhotos(plate);
  const [shown, setShown] = useState<string | null>(null);
  const full = photos.length + waiting.length >= PHOTO_LIMITS.aPlate;
  return (
    <div className="flex flex-wrap items-center gap-2">
      {full ? null : (
        <label className="relative inline-flex min-h-12 cursor-pointer items-center gap-2 rounded-sm border-2 border-ink bg-tile px-3 text-lg font-semibold has-focus-visible:outline-3 has-focus-visible:outline-beet">
          <Camera aria-hidden className="size-5" /> Photo
          <input
            type="file"
            accept="image/*"
            capture="environment"
            aria-label="Take or choose a photo of this plate"
            className="absolute -inset-0.5 h-[calc(100%+0.25rem)] w-[calc(100%+0.25rem)] cursor-pointer opacity-0"
            onChange={(event) => {
              const [file] = event.target.files ?? [];
              event.target.value = '';
              if (file) void take(file);
            }}
          />
        </label>
      )}
      {photos.map(({ id }, index) => (
        <button
          key={id}
          type="button"
          onClick={() => setShown(id)}
          aria-label={`Photo ${index + 1} of this plate`}
          className="border-2 border-ink"
        >
          <img src={`/api/photos/${id}`} alt="" className="size-12 object-cover" />
        </button>
      ))}
      {waiting.map(({ id }) => (
        <span key={id} className="inline-flex min-h-12 items-center gap-2 border-2 border-dashed border-ink px-2">
          <CloudOff aria-hidden className="size-5" /> kept here, not sent
          {problem ? (
            <button
              type="button"
              aria-label="Do not send this photo"
              className="flex size-12 items-center justify-center"
              onClick={() => void drop(id)}
            >
              <X aria-hidden className="size-5" />
            </button>
          ) : null}
        </span>
      ))}
      {problem ? (
        <p role="alert" className="border-2 border-beet bg-beet-wash px-2 py-1">
          {problem}
        </p>
      ) : null}
      {shown ? (
        <Suspense fallback={null}>
          <PhotoDialog
            id={shown}
            onClose={() => setShown(null)}
            onErase={() => {
              void erase(shown);
              setShown(null);
            }}
          />
        </Suspense>
      ) : null}
    </div>
  );
}
