import { useEffect, useState } from 'react';
import { z } from 'zod';

export const questionSchema = z.object({
  id: z.string(),
  askedAt: z.string(),
  asker: z.string(),
  mail: z.string(),
  finding: z.string().nullable(),
  zone: z.string().nullable(),
  photo: z.string().nullable().default(null),
  filmS: z.number().nullable(),
  text: z.string(),
  answer: z.string().nullable(),
  shows: z.array(z.string()).default([]),
  answeredBy: z.string().nullable(),
  toAll: z.boolean(),
});
export type LotQuestion = z.infer<typeof questionSchema>;
const listSchema = z.object({ questions: z.array(questionSchema) });

/** How long what was asked a moment ago is good for: whoever goes from zone to zone asks once. */
const FRESH_MS = 60_000;
const asked = new Map<string, { readonly at: number; readonly list: Promise<readonly LotQuestion[]> }>();

function questionsOf(lotId: string): Promise<readonly LotQuestion[]> {
  const held = asked.get(lotId);
  if (held && Date.now() - held.at < FRESH_MS) return held.list;
  const list = fetch(`/api/v1/lots/${lotId}/questions`)
    .then((r) => (r.ok ? r.json() : null))
    .then((read) => listSchema.safeParse(read).data?.questions ?? [])
    // Without a network nobody asks; it is asked again later.
    .catch(() => {
      asked.delete(lotId);
      return [];
    });
  asked.set(lotId, { at: Date.now(), list });
  return list;
}

/** What bidders ask about a lot, as the server told within the last minute. */
export function useQuestions(lotId: string): readonly [readonly LotQuestion[], (kept: LotQuestion) => void] {
  const [list, setList] = useState<readonly LotQuestion[]>([]);
  useEffect(() => {
    let here = true;
    void questionsOf(lotId).then((read) => here && setList(read));
    return () => {
      here = false;
    };
  }, [lotId]);
  const keep = (kept: LotQuestion) => {
    const next = list.map((q) => (q.id === kept.id ? kept : q));
    setList(next);
    asked.set(lotId, { at: Date.now(), list: Promise.resolve(next) });
  };
  return [list, keep];
}
