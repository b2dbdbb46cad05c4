import { toast } from 'sonner';

/** Asks the server for something and tells in a short message what became of it. */
export async function told(path: string, method: string, body: object, done: string): Promise<boolean> {
  const answer = await fetch(path, {
    method,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  }).catch(() => null);
  if (answer?.ok) {
    toast(done);
    return true;
  }
  const said = await answer?.json().catch(() => null);
  toast.error(said?.message ?? 'The server does not answer. Nothing was changed; try again when you are connected.');
  return false;
}
