import type { KindWords } from './kind-words';

export const film: KindWords<'film'> = {
  name: 'film',
  says: (f) => `${f.name}, ${f.sha256 ? 'kept with the lot' : `at ${f.link}`}`,
};
