/** A demonstration as it lies in a lesson. */
export interface LyingDemonstration {
  readonly dishId: string;
  readonly begins: number;
  readonly minutes: number;
  readonly camera: string;
}

/** Two demonstrations that want one camera or place at the same time. */
export interface CameraClash {
  readonly camera: string;
  readonly first: string;
  readonly second: string;
  /** Minute at which the second could begin. */
  readonly free: number;
}

/** @returns every pair that needs the same camera in the same minutes, the earlier one first */
export function cameraClashes(demonstrations: readonly LyingDemonstration[]): readonly CameraClash[] {
  const sorted = [...demonstrations].sort((a, b) => a.begins - b.begins);
  return sorted.flatMap((first, at) =>
    sorted.slice(at + 1).flatMap((second) => {
      const same = first.camera.trim() !== '' && first.camera.trim().toLowerCase() === second.camera.trim().toLowerCase();
      const free = first.begins + first.minutes;
      return same && second.begins < free ? [{ camera: first.camera.trim(), first: first.dishId, second: second.dishId, free }] : [];
    }),
  );
}
