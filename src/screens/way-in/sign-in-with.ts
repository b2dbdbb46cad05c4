import { type Answer, askServer } from '@/ui/ask-server';

/** Signs in; `second` where the account asks for a code too. */
export async function signInWith(email: string, password: string): Promise<'in' | 'second' | Answer> {
  const answer = await askServer('/api/auth/sign-in/email', 'POST', { email, password });
  if (!answer.ok) return answer;
  return answer.body.twoFactorRedirect ? 'second' : 'in';
}
