import { Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import type { Request } from 'express';
import { DataSource } from 'typeorm';
import type { Role } from '@pelvo/contract';
import { ProblemException } from '../problems';
import { Person } from '../../people/person.entity';
import { ALLOWED } from './allow';

/** Authorises every route. The person is looked up each time, so that a revoked account ends at once. */
@Injectable()
export class AccessGuard implements CanActivate {
  constructor(
    private readonly reflector: Reflector,
    private readonly database: DataSource,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const allowed = this.reflector.getAllAndOverride<readonly Role[] | 'open' | undefined>(ALLOWED, [
      context.getHandler(),
      context.getClass(),
    ]);
    const request = context.switchToHttp().getRequest<Request>();
    refuseForeignWrites(request);
    const { personId } = request.session;
    const person = personId ? await this.database.manager.findOneBy(Person, { id: personId, active: true }) : null;
    if (person) request.me = { id: person.id, name: person.name, role: person.role, studentId: person.studentId };
    if (allowed === 'open') return true;
    if (!person) throw new ProblemException('not-signed-in');
    if (!allowed?.includes(person.role)) throw new ProblemException('not-allowed');
    return true;
  }
}

/** Another site's page may not write here, even with the cookie: browsers say where a request comes from. */
function refuseForeignWrites(request: Request): void {
  if (request.method === 'GET' || request.method === 'HEAD') return;
  const from = request.headers['sec-fetch-site'];
  if (from && from !== 'same-origin' && from !== 'none')
    throw new ProblemException('not-allowed', { detail: 'Requests from other sites are not taken.' });
}
