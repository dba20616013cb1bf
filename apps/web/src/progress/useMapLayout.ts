import ELK from 'elkjs/lib/elk-api';
import workerUrl from 'elkjs/lib/elk-worker.min.js?url';
import { useEffect, useMemo, useState } from 'react';
import { layOut, type MapLayout, type MapTechnique } from './mapLayout';

interface Laid {
  readonly key: string;
  readonly layout: MapLayout | null;
  readonly error: unknown;
}

/** The places of the map, worked out in a worker; null until they are there. The last ones stand while new ones come. */
export function useMapLayout(techniques: readonly MapTechnique[], aspectRatio: number): { layout: MapLayout | null; error: unknown } {
  const key = useMemo(
    () => JSON.stringify([aspectRatio, techniques.map(({ id, strand, prerequisites }) => [id, strand, prerequisites])]),
    [techniques, aspectRatio],
  );
  const [laid, setLaid] = useState<Laid>({ key: '', layout: null, error: null });
  useEffect(() => {
    if (techniques.length === 0) return;
    const elk = new ELK({ workerFactory: () => new Worker(workerUrl) });
    let wanted = true;
    layOut(elk, techniques, aspectRatio).then(
      (layout) => wanted && setLaid({ key, layout, error: null }),
      (error: unknown) => wanted && setLaid((now) => ({ ...now, key, error })),
    );
    return () => {
      wanted = false;
      elk.terminateWorker();
    };
    // The key says whether the graph changed; the list itself is new at every fetch.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [key]);
  return { layout: laid.layout, error: laid.error };
}
