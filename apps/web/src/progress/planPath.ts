import type { Purpose } from '@pelvo/core';

/** Where a lesson with a technique is planned: a new lesson of the class that already names it. */
export function planPath(classId: string, techniqueId: string, purpose: Purpose): string {
  return `/lessons/new?${new URLSearchParams({ class: classId, technique: techniqueId, purpose }).toString()}`;
}

/** The plan of a lesson that is there already, with a technique put into its draft. */
export function addToPlanPath(lessonId: string, techniqueId: string, purpose: Purpose): string {
  return `/lessons/${lessonId}?${new URLSearchParams({ technique: techniqueId, purpose }).toString()}`;
}
