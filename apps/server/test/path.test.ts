import { afterAll, beforeAll, expect, it } from 'vitest';
import { openSchool, type School } from './school';

let school: School;
beforeAll(async () => {
  school = await openSchool({ demo: true });
});
afterAll(() => school.close());

it('lists lessons', async () => {
  const lead = await school.as('lead');
  const lessons = await lead<any[]>('GET', '/api/lessons');
  expect(lessons.status).toBe(200);
  for (const l of lessons.body) console.log(l.date, l.title, l.present, JSON.stringify(l.readiness.map((r: any) => r.said)));
  const one = await lead<any>('GET', `/api/lessons/${lessons.body[4].id}/order`);
  for (const l of one.body.lines) console.log(l.item, '|', l.figure.shown, '|', l.rules.join(), '|', l.allergens.join(), l.allergensKnown);
  console.log(one.body.held, one.body.preparations);
  const pdf = await lead('GET', `/api/lessons/${lessons.body[4].id}/order.pdf`);
  console.log(pdf.status, pdf.bytes.length);
  (await import('node:fs')).writeFileSync('/tmp/order.pdf', pdf.bytes);
  const res = await lead<any>('GET', `/api/lessons/${lessons.body[0].id}/results`);
  console.log(JSON.stringify(res.body.levels), res.body.results.map((r: any) => r.student + ' ' + r.result.mark.shown + JSON.stringify(r.result.capped)));
  const rp = await lead('GET', `/api/results/${res.body.results[3].id}/pdf`);
  (await import('node:fs')).writeFileSync('/tmp/result.pdf', rp.bytes);
  const dishes = await lead<any>('GET', '/api/dishes');
  for (const d of dishes.body.items) {
    const full = await lead<any>('GET', `/api/dishes/${d.id}`);
    console.log(d.title, d.techniques.length);
    for (const c of full.body.content.components) for (const l of c.lines) if (l.certainty !== 'sure') console.log('   ', l.certainty, l.written, l.doubts);
  }
});
