import type { Invitation } from '@pelvo/contract';
import { Notice } from '../design';

/** A one-time code, shown once. */
export function InvitationNotice({ invitation }: { invitation: Invitation }) {
  return (
    <Notice title={`Code for ${invitation.person.name}`}>
      <p className="my-1 font-title text-3xl font-bold tracking-wide">{invitation.code}</p>
      <p>
        Hand it over in person. At {location.origin}/join they choose a password with it. It is shown only now and is good for seven days,
        once.
      </p>
    </Notice>
  );
}
