import type { Role } from '@/core/people/roles';
import { ROLE_WORDS } from './roles';

/** The letter that goes with an invitation. */
export function invitationLetter({ house, by, role }: { house: string; by: string; role: Role }) {
  return {
    subject: `${house}: an invitation to Farvin`,
    says: (url: string) =>
      `${by} invites you to ${house} as ${ROLE_WORDS[role].name}.\n\nOpen this link and choose a password. It works once, and for a week:\n${url}\n\nIf you did not expect this, leave it: nothing happens.\n`,
  };
}

/** The letter that goes with a link for a new password. */
export function recoveryLetter({ house, by }: { house: string; by: string }) {
  return {
    subject: `${house}: a new password for Farvin`,
    says: (url: string) =>
      `${by} made a link with which you set a new password. It works once, and for a week:\n${url}\n\nUntil you do, your present password stays. If you did not ask for it, tell ${by}.\n`,
  };
}
