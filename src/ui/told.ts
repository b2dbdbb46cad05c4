import { toast } from 'sonner';
import { askServer } from './ask-server';

/** Asks the server for something and tells in a short message what became of it. */
export async function told(
  path: string,
  method: 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  body: object,
  done: string,
): Promise<boolean> {
  const answer = await askServer(path, method, body);
  if (answer.ok) toast(done);
  else toast.error(answer.message);
  return answer.ok;
}
