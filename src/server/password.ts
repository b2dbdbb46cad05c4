import { hashPassword } from 'better-auth/crypto';

/** A password as the sign-in library stores it: salted scrypt. */
export function passwordHash(password: string): Promise<string> {
  return hashPassword(password);
}
