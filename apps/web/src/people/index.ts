export { InvitationNotice } from './InvitationNotice';
