import { text } from '@/core/kinds/common';
import { db } from '@/data/db';
import { search } from '@/data/search';
import { anyone, problem, route } from '@/server/api';

const asked = text(100).min(2);

/** Everything that one may see and that holds the words of `?q=`. */
export const GET = route(
  anyone,
  async ({ actor, request }) => {
    const parsed = asked.safeParse(new URL(request.url).searchParams.get('q') ?? '');
    return parsed.success
      ? Response.json(await search(db(), actor, parsed.data))
      : problem(400, 'malformed', 'Ask for two to a hundred letters: ?q=harrow');
  },
  'heavy',
);
