import { db } from '@/data/db';
import { invitationBehind, type LetIn, letIn } from '@/data/invitations';
import { noteSignIn } from '@/data/sign-in-events';
import { bodyOf, notFound, problem, strangerRoute } from '@/server/api';
import { passwordHash } from '@/server/password';
import { WEAK_PASSWORD } from '@/server/passwords';
import { addressOf } from '@/server/rate-limit';
import { isToken, tokenHash } from '@/server/sealing';
import { lettingInSchema, passwordTaken } from '@/server/way-in';

const REFUSED: Readonly<Record<Extract<LetIn, { ok: false }>['why'], string>> = {
  unknown: 'This link opens nothing. Ask a manager for a new one.',
  used: 'This link was used before; it works once. Ask a manager for a new one.',
  withdrawn: 'This link was withdrawn. Ask a manager for a new one.',
  expired: 'This link is older than a week. Ask a manager for a new one.',
  'email-taken': 'Somebody has an account under this email address already. Sign in, or take another address.',
};

/** Lets in whoever holds the link, once: into a house with an own password, or back in with a new one. */
export const POST = strangerRoute<{ token: string }>(async ({ request, params }) => {
  const hash = isToken(params.token) ? tokenHash(params.token) : null;
  const behind = hash && (await invitationBehind(db(), hash));
  if (!hash || !behind) return notFound();
  if (behind.standing !== 'open') return problem(410, behind.standing, REFUSED[behind.standing]);
  const parsed = await bodyOf(
    request,
    lettingInSchema,
    'Give your name, email and a password. Nothing was opened.',
    4000,
  );
  if (!parsed.ok) return parsed.response;
  const { name, password } = parsed.data;
  const email = behind.purpose === 'recover' ? behind.email : parsed.data.email;
  if (!passwordTaken(password, { name, email, house: behind.house }))
    return problem(422, 'weak-password', WEAK_PASSWORD);
  const done = await letIn(db(), hash, { name, email, passwordHash: await passwordHash(password) });
  if (!done.ok) return problem(409, done.why, REFUSED[done.why]);
  if (done.how === 'recovered')
    await noteSignIn(db(), {
      at: new Date(),
      orgId: done.orgId,
      userId: done.userId,
      what: 'recovered',
      address: addressOf(request.headers),
      agent: request.headers.get('user-agent') ?? '',
    });
  return Response.json({ ok: true, how: done.how, email: email.toLowerCase() });
});
