import { randomUUID } from 'node:crypto';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { PHOTO_LIMITS, type LessonSummary, type MarkingSheet, type MyResult, type PlatePhoto, type StudentFile } from '@pelvo/contract';
import { openSchool, type Answer, type Call, type School } from './school';

describe('photos of plates', () => {
  let school: School;
  let lead: Call;
  let assistant: Call;
  let student: Call;
  let sheet: MarkingSheet;
  beforeAll(async () => {
    school = await openSchool({ demo: true });
    [lead, assistant, student] = await Promise.all([school.as('lead'), school.as('assistant'), school.as('student')]);
    const lessons = (await lead<LessonSummary[]>('GET', '/api/lessons')).body;
    const { id } = lessons.find(({ title }) => title === 'Knife basics and a citrus salad')!;
    sheet = (await lead<MarkingSheet>('GET', `/api/lessons/${id}/marking-sheet`)).body;
  });
  afterAll(() => school.close());

  const colour = (width: number, height: number) => sharp({ create: { width, height, channels: 3, background: '#884422' } });
  const studentOf = (name: string) => sheet.students.find((each) => each.name === name)!.id;
  const put = (raw: Buffer, { id = randomUUID(), of = 'Amara Quill', by = assistant }: { id?: string; of?: string; by?: Call } = {}) =>
    by<PlatePhoto>(
      'PUT',
      `/api/lessons/${sheet.lessonId}/photos/${id}?${new URLSearchParams({ studentId: studentOf(of), dishEditionId: sheet.dishes[0]!.editionId, at: '2026-11-20T10:00:00.000Z' })}`,
      { raw, type: 'application/octet-stream' },
    );
  const photosOf = async (name: string) =>
    (await lead<PlatePhoto[]>('GET', `/api/lessons/${sheet.lessonId}/photos`)).body.filter(
      ({ studentId }) => studentId === studentOf(name),
    );
  const statuses = (answers: readonly Answer<PlatePhoto>[]) => answers.map(({ status }) => status).sort();

  it('are kept small and upright, and say nothing of place, device or day', async () => {
    const taken = await colour(3000, 2000)
      .withExif({ IFD0: { Make: 'Kitchencam', Orientation: '6' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '48/1 12/1 0/1' } })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer();
    const { status, body } = await put(taken);
    expect([status, body.by]).toEqual([200, 'Teo Vasz']);
    const { bytes, headers } = await lead('GET', `/api/photos/${body.id}`);
    const kept = await sharp(bytes).metadata();
    expect([kept.format, kept.width, kept.height, kept.exif]).toEqual(['jpeg', 1067, PHOTO_LIMITS.side, undefined]);
    expect(bytes.includes('Kitchencam')).toBe(false);
    expect([headers.get('content-type'), headers.get('cache-control'), headers.get('x-content-type-options')]).toEqual([
      'image/jpeg',
      'private, no-store',
      'nosniff',
    ]);
  });

  it('are kept once, however often and from wherever one is sent, and no more than four of a plate, at the same moment too', async () => {
    const image = await colour(400, 300).png().toBuffer();
    const id = randomUUID();
    expect(statuses(await Promise.all([1, 2, 3].map(() => put(image, { id, of: 'Bastian Orro' }))))).toEqual([200, 200, 200]);
    expect(await photosOf('Bastian Orro')).toHaveLength(1);
    expect((await put(image, { id, of: 'Cleo Vantor' })).status).toBe(409);
    const more = await Promise.all([lead, assistant, lead, assistant, lead].map((by) => put(image, { of: 'Bastian Orro', by })));
    expect(statuses(more)).toEqual([200, 200, 200, 409, 409]);
    expect(await photosOf('Bastian Orro')).toHaveLength(PHOTO_LIMITS.aPlate);
  });

  it.each([
    ['no file', Buffer.alloc(0), 'There is no photo in it.'],
    ['a text', Buffer.from('row,name\nrubric,Soup'), 'This file is no photo.'],
    ['a page that says it is a picture', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>'), 'no photo.'],
    ['half a photo', null, 'This photo is damaged.'],
    ['sixty megapixels', 'large', 'It has 60 megapixels'],
  ])('refuse %s and say why', async (_, given, because) => {
    const whole = await colour(800, 600).jpeg().toBuffer();
    const raw =
      given === null ? whole.subarray(0, 700) : given === 'large' ? await colour(10_000, 6000).png().toBuffer() : (given as Buffer);
    const { status, problem } = await put(raw, { of: 'Dario Pemble' });
    expect([status, problem.errors?.[0]?.problem]).toEqual([422, expect.stringContaining(because)]);
    expect(await photosOf('Dario Pemble')).toEqual([]);
  });

  it('are of a student and a dish of the lesson', async () => {
    const image = await colour(40, 30).jpeg().toBuffer();
    const at = `/api/lessons/${sheet.lessonId}/photos`;
    const of = { studentId: studentOf('Amara Quill'), dishEditionId: sheet.dishes[0]!.editionId, at: '2026-11-20T10:00:00.000Z' };
    const send = (path: string, query: object) =>
      lead('PUT', `${path}?${new URLSearchParams({ ...of, ...query })}`, { raw: image, type: 'application/octet-stream' });
    expect((await send(`${at}/${randomUUID()}`, { studentId: randomUUID() })).problem.errors![0]!.field).toBe('studentId');
    expect((await send(`${at}/${randomUUID()}`, { dishEditionId: randomUUID() })).problem.errors![0]!.field).toBe('dishEditionId');
    expect((await send(`${at}/no-id`, {})).problem.errors![0]!.field).toBe('photoId');
    expect((await send(`/api/lessons/${randomUUID()}/photos/${randomUUID()}`, {})).status).toBe(404);
  });

  it('reach the student they are of, once the results are given out, and nobody else', async () => {
    const [mine] = await photosOf('Amara Quill');
    const [other] = await photosOf('Bastian Orro');
    const own = (await student<MyResult[]>('GET', '/api/my-results')).body.find(({ lesson }) => lesson === sheet.title);
    const release = async (released: boolean) => {
      const { version } = (await lead<{ version: number }>('GET', `/api/lessons/${sheet.lessonId}`)).body;
      return lead('PUT', `/api/lessons/${sheet.lessonId}/release`, { body: { released, why: 'Looked at once more.' }, version });
    };
    const seen = async () => (await student('GET', `/api/my-photos/${mine!.id}`)).status;
    await release(true);
    expect([await seen(), (await student('GET', `/api/my-photos/${other!.id}`)).status]).toEqual([200, 404]);
    expect((await student('GET', `/api/photos/${mine!.id}`)).status).toBe(403);
    if (own) expect((await student<PlatePhoto[]>('GET', `/api/my-results/${own.id}/photos`)).body.map(({ id }) => id)).toEqual([mine!.id]);
    expect((await school.as('stores').then((stores) => stores('GET', `/api/photos/${mine!.id}`))).status).toBe(403);
    expect((await school.anyone('GET', `/api/photos/${mine!.id}`)).status).toBe(401);
    await release(false);
    expect(await seen()).toBe(404);
  });

  it('are taken away for good, stand in what is held on a student, and go with an erasure', async () => {
    const image = async () =>
      Number(((await school.database.query('SELECT COUNT(*) AS n FROM plate_photo_image')) as [{ n: string }])[0].n);
    const [first, ...rest] = await photosOf('Bastian Orro');
    const before = await image();
    expect((await assistant('DELETE', `/api/photos/${first!.id}`)).status).toBe(204);
    expect([await image(), (await lead('GET', `/api/photos/${first!.id}`)).status]).toEqual([before - 1, 404]);
    const { photos } = (await lead<StudentFile>('GET', `/api/students/${studentOf('Bastian Orro')}/file`)).body;
    expect(photos).toHaveLength(rest.length);
    expect((await sharp(Buffer.from(photos[0]!.jpeg, 'base64')).metadata()).format).toBe('jpeg');
    await lead('POST', `/api/students/${studentOf('Bastian Orro')}/erasure`, { body: { name: 'Bastian Orro' } });
    expect(await image()).toBe(before - 1 - rest.length);
  });
});
