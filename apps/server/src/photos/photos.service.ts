import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { PHOTO_LIMITS, type PhotoOf, type PlatePhoto } from '@pelvo/contract';
import { Student } from '../classes';
import { Lesson, LessonDish } from '../lessons';
import { inTransaction } from '../platform/database/transaction';
import { conflict, invalid, notFound } from '../platform/problems';
import { cleanImage } from './cleanImage';
import { PlatePhotoImage, PlatePhotoRow } from './platePhoto.entity';

const toPhoto = ({ id, studentId, dishEditionId, takenAt, person }: PlatePhotoRow): PlatePhoto => ({
  id,
  studentId,
  dishEditionId,
  takenAt: takenAt.toISOString(),
  by: person.name,
});

/** Photos of plates: evidence beside the marks, never served without the right to the marks. */
@Injectable()
export class PhotosService {
  constructor(private readonly database: DataSource) {}

  async ofLesson(lessonId: string): Promise<readonly PlatePhoto[]> {
    const { manager } = this.database;
    if (!(await manager.existsBy(Lesson, { id: lessonId }))) throw notFound('lesson');
    const rows = await manager.find(PlatePhotoRow, {
      where: { lessonId },
      relations: { person: true },
      order: { takenAt: 'ASC' },
      take: 1000,
    });
    return rows.map(toPhoto);
  }

  /** Of one dish's result; for a student of their own alone, and only once it was given out. */
  async ofResult(assessmentId: string, studentId?: string): Promise<readonly PlatePhoto[]> {
    const rows = (await this.database.manager.query(
      `SELECT p.id, p.student_id AS studentId, p.dish_edition_id AS dishEditionId, p.taken_at AS takenAt, person.name AS \`by\`
       FROM plate_photo p JOIN person ON person.id = p.person_id
       JOIN assessment a ON a.lesson_id = p.lesson_id AND a.student_id = p.student_id AND a.dish_edition_id = p.dish_edition_id
       JOIN lesson l ON l.id = a.lesson_id
       WHERE a.id = ? AND (? IS NULL OR (a.student_id = ? AND l.released_at IS NOT NULL AND a.released IS NOT NULL))
       ORDER BY p.taken_at LIMIT 20`,
      [assessmentId, studentId ?? null, studentId ?? null],
    )) as readonly (Omit<PlatePhoto, 'takenAt'> & { takenAt: Date })[];
    return rows.map((row) => ({ ...row, takenAt: new Date(row.takenAt).toISOString() }));
  }

  /** Keeps a photo; one that was sent before is kept once. */
  async keep(lessonId: string, id: string, { studentId, dishEditionId, at }: PhotoOf, file: Buffer, personId: string): Promise<PlatePhoto> {
    const known = await this.database.manager.findOneBy(PlatePhotoRow, { id });
    const clean = known ? null : await cleanImage(file);
    return inTransaction(this.database, async (manager) => {
      await belongs(manager, lessonId, { studentId, dishEditionId });
      const before = await manager.findOne(PlatePhotoRow, { where: { id }, relations: { person: true } });
      if (before) {
        if (before.lessonId !== lessonId || before.studentId !== studentId || before.dishEditionId !== dishEditionId)
          throw conflict('id', 'This photo is of another plate.', 'Send it under an id of its own.');
        return toPhoto(before);
      }
      if (!clean) throw notFound('photo');
      if ((await manager.countBy(PlatePhotoRow, { lessonId, studentId, dishEditionId })) >= PHOTO_LIMITS.aPlate)
        throw conflict('photo', `There are ${PHOTO_LIMITS.aPlate} photos of this plate.`, 'Take one away first.');
      // A clock that runs ahead says nothing of when it was.
      const takenAt = new Date(Math.min(Date.parse(at) || Date.now(), Date.now()));
      const { image, width, height } = clean;
      await manager.insert(PlatePhotoRow, {
        id,
        lessonId,
        studentId,
        dishEditionId,
        personId,
        takenAt,
        width,
        height,
        bytes: image.length,
      });
      await manager.insert(PlatePhotoImage, { photoId: id, image });
      return toPhoto(await manager.findOneOrFail(PlatePhotoRow, { where: { id }, relations: { person: true } }));
    });
  }

  async image(id: string): Promise<Buffer> {
    const found = await this.database.manager.findOneBy(PlatePhotoImage, { photoId: id });
    if (!found) throw notFound('photo');
    return found.image;
  }

  /** A student's own, of a result that was given out. */
  async ownImage(id: string, studentId: string): Promise<Buffer> {
    const [own] = (await this.database.manager.query(
      `SELECT 1 FROM plate_photo p JOIN lesson l ON l.id = p.lesson_id
       JOIN assessment a ON a.lesson_id = p.lesson_id AND a.student_id = p.student_id AND a.dish_edition_id = p.dish_edition_id
       WHERE p.id = ? AND p.student_id = ? AND l.released_at IS NOT NULL AND a.released IS NOT NULL`,
      [id, studentId],
    )) as unknown[];
    if (!own) throw notFound('photo');
    return this.image(id);
  }

  /** Takes a photo away, image and all. */
  async erase(id: string): Promise<void> {
    await this.database.manager.delete(PlatePhotoRow, { id });
  }
}

/** The lesson is held, so that two who add a photo at the same moment are counted one after the other. */
async function belongs(manager: EntityManager, lessonId: string, { studentId, dishEditionId }: Omit<PhotoOf, 'at'>): Promise<void> {
  const lesson = await manager.findOne(Lesson, {
    where: { id: lessonId },
    select: { id: true, classId: true },
    lock: { mode: 'pessimistic_write' },
  });
  if (!lesson) throw notFound('lesson');
  if (!(await manager.existsBy(Student, { id: studentId, classId: lesson.classId })))
    throw invalid('studentId', 'This student is not in the class.', 'Load the marking screen again.');
  if (!(await manager.existsBy(LessonDish, { lessonId, dishEditionId })))
    throw invalid('dishEditionId', 'This dish is not in the lesson.', 'Load the marking screen again.');
}
