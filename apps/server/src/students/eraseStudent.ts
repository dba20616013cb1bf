import { NO_NEEDS, nameKey } from '@pelvo/core';
import type { EntityManager } from 'typeorm';
import { Absence, Student } from '../classes';
import { Invitation, Person } from '../people';
import { PlatePhotoRow } from '../photos';
import { invalid, notFound } from '../platform/problems';

/** How whoever was erased is called from then on. */
export const ERASED = 'Erased student';

/**
 * Takes a person out of the school: name, number, needs, absences and account go; what they cooked and how it was judged stays under nobody's
 * name, so that what is said of a class and of its techniques stays true.
 *
 * @param name - typed by whoever erases, so that it is not done by a slip
 * @throws ProblemException when the name is another one
 */
export async function eraseStudent(manager: EntityManager, id: string, name: string): Promise<void> {
  const student = await manager.findOne(Student, { where: { id }, lock: { mode: 'pessimistic_write' } });
  if (!student) throw notFound('student');
  if (nameKey(name) !== nameKey(student.name))
    throw invalid('name', `This is not the name of the student: "${name}".`, `Type ${student.name} to erase them for good.`);
  await eraseNamed(manager, id);
}

/** Takes the name and what goes with it away. The student is held. */
export async function eraseNamed(manager: EntityManager, id: string): Promise<void> {
  // Two who are erased stay two.
  const called = `${ERASED} ${id.slice(0, 8)}`;
  await manager.update(Student, { id }, { name: called, nameKey: nameKey(called), number: '', needs: NO_NEEDS, active: false });
  await manager.delete(Absence, { studentId: id });
  // A photo shows hands and handwriting: it goes with the name.
  await manager.delete(PlatePhotoRow, { studentId: id });
  for (const person of await manager.findBy(Person, { studentId: id })) {
    await manager.delete(Invitation, { personId: person.id });
    await manager.update(
      Person,
      { id: person.id },
      { name: called, signIn: null, passwordHash: null, active: false, preferences: null, sessionEpoch: person.sessionEpoch + 1 },
    );
  }
}
