import { createParamDecorator, SetMetadata, type ExecutionContext } from '@nestjs/common';
import type { Request } from 'express';
import type { Me, Role } from '@pelvo/contract';

export const ALLOWED = 'pelvo:allowed';

/** Who may call a route. A route without it, or without `Open`, is refused to everyone. */
export const Allow = (...roles: [Role, ...Role[]]) => SetMetadata(ALLOWED, roles);

/** A route that needs no sign-in. */
export const Open = () => SetMetadata(ALLOWED, 'open');

/** Those who teach. */
export const TEACHING = ['lead', 'assistant'] as const;
/** Everyone on the staff. */
export const STAFF = ['lead', 'assistant', 'stores'] as const;

declare module 'express-session' {
  interface SessionData {
    personId: string;
    epoch: number;
  }
}

declare module 'express' {
  interface Request {
    me?: Me & { studentId: string | null };
  }
}

export type SignedIn = Me & { readonly studentId: string | null };

/** The person who makes the request. */
export const Who = createParamDecorator((_: unknown, context: ExecutionContext) => context.switchToHttp().getRequest<Request>().me);
