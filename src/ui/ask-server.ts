export type Answer =
  | { readonly ok: true; readonly body: Readonly<Record<string, unknown>> }
  | { readonly ok: false; readonly reason: string; readonly message: string };

/** Asks the server for something: what it says, or words for the person where it does not do it. */
export async function askServer(
  path: string,
  method: 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  body: object = {},
): Promise<Answer> {
  const response = await fetch(path, {
    method,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  }).catch(() => null);
  const said = (await response?.json().catch(() => null)) as Record<string, unknown> | null;
  if (response?.ok) return { ok: true, body: said ?? {} };
  return {
    ok: false,
    reason: String(said?.reason ?? said?.code ?? ''),
    message: String(
      said?.message ?? 'The server does not answer. Nothing was changed; try again when you are connected.',
    ),
  };
}
