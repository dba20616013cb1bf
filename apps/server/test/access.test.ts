import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ROLES, type Role } from '@pelvo/contract';
import { routesOf as allRoutes } from './routes';
import { openSchool, type School } from './school';

/** With ids that nothing has. */
const routesOf = (school: School) =>
  allRoutes(school).map((route) => ({
    ...route,
    path: route.path.replace(':date', '2026-11-30').replace(/:\w+/g, '00000000-0000-4000-8000-000000000000'),
  }));

describe('who may call what', () => {
  let school: School;
  beforeAll(async () => {
    school = await openSchool({ demo: true });
  });
  afterAll(() => school.close());

  it('is said for every route', () => {
    const routes = routesOf(school);
    expect(routes.length).toBeGreaterThan(40);
    expect(routes.filter((route) => route.allowed === undefined)).toEqual([]);
  });

  it('refuses every wrong role, and everyone who is not signed in', async () => {
    for (const { method, path, allowed } of routesOf(school)) {
      if (allowed === 'open') continue;
      const anonymous = await school.anyone(method, path);
      expect([method, path, 'nobody', anonymous.status]).toEqual([method, path, 'nobody', 401]);
      for (const role of ROLES) {
        const { status } = await (await school.as(role))(method, path);
        if (allowed!.includes(role)) expect([401, 403], `${role} ${method} ${path}`).not.toContain(status);
        else expect([method, path, role, status]).toEqual([method, path, role, 403]);
      }
    }
  });

  it('keeps stores and students out of marks, and students out of everything but their results', () => {
    const open = (role: Role) =>
      routesOf(school)
        .filter((route) => route.allowed !== 'open' && route.allowed!.includes(role))
        .map(({ path }) => path);
    expect(open('stores').filter((path) => /mark|result|students|rubric|photo/.test(path))).toEqual([]);
    expect(open('student').every((path) => /^.api.my-(results|photos|skills)/.test(path) || path === '/api/preferences')).toBe(true);
  });

  it('refuses writes that another site asks a browser for', async () => {
    const lead = await school.as('lead');
    const answer = await lead('POST', '/api/classes', { body: { name: 'X', term: '' }, headers: { 'sec-fetch-site': 'cross-site' } });
    expect(answer.status).toBe(403);
  });

  it('answers unknown routes and ids with problem details', async () => {
    const lead = await school.as('lead');
    for (const path of ['/api/nothing', '/api/dishes/00000000-0000-4000-8000-000000000000', "/api/dishes/x' OR 1=1"]) {
      const { status, problem, headers } = await lead('GET', path);
      expect([status, problem.type]).toEqual([404, 'urn:pelvo:problem:not-found']);
      expect(headers.get('content-type')).toContain('application/problem+json');
    }
  });

  it('sends a strict content policy', async () => {
    const { headers } = await school.anyone('GET', '/api/health');
    expect(headers.get('content-security-policy')).toContain("script-src 'self' 'wasm-unsafe-eval'");
    expect(headers.get('x-powered-by')).toBeNull();
  });
});
