import { Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import type { Request } from 'express';
import type { Role } from '@pelvo/contract';
import { ProblemException } from '../problems';
import { ALLOWED, type SignedIn } from './allow';
import { WhoIs } from './whoIs';

/** Authorises every route. The person is looked up each time, so that a revoked account ends at once. */
@Injectable()
export class AccessGuard implements CanActivate {
  constructor(
    private readonly reflector: Reflector,
    private readonly who: WhoIs,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const allowed = this.reflector.getAllAndOverride<readonly Role[] | 'open' | undefined>(ALLOWED, [
      context.getHandler(),
      context.getClass(),
    ]);
    const request = context.switchToHttp().getRequest<Request>();
    refuseForeignWrites(request);
    const { personId, epoch } = request.session;
    const person = personId ? await this.who.signedIn(personId, epoch ?? 0) : null;
    if (person) request.me = person;
    if (allowed !== 'open') refuseForSomeoneElse(request, person);
    if (allowed === 'open') return true;
    if (!person) throw new ProblemException('not-signed-in');
    if (!allowed?.includes(person.role)) throw new ProblemException('not-allowed');
    return true;
  }
}

/**
 * A tab says for whom it was opened. When someone else has signed in on the device meanwhile, what the tab sends is theirs
 * to send no longer: it would be stored under the wrong name.
 */
function refuseForSomeoneElse(request: Request, person: SignedIn | null): void {
  const meant = request.headers['pelvo-person'];
  if (person && meant && meant !== person.id)
    throw new ProblemException('signed-in-as-other', { detail: `On this device ${person.name} is signed in now. Sign in again to go on.` });
}

/** Another site's page may not write here, even with the cookie: browsers say where a request comes from. */
function refuseForeignWrites(request: Request): void {
  if (request.method === 'GET' || request.method === 'HEAD') return;
  const from = request.headers['sec-fetch-site'];
  if (from && from !== 'same-origin' && from !== 'none')
    throw new ProblemException('not-allowed', { detail: 'Requests from other sites are not taken.' });
}
