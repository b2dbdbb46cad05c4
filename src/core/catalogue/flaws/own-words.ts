import type { Flaw } from './flaw';

export const OWN_WORDS = 'own-words';

/** What a person wrote that no flaw of the catalogue says. It is printed as written; it judges nothing and makes nothing seen. */
export const OWN_WORDS_FLAW: Flaw = {
  id: OWN_WORDS,
  family: 'paper',
  aspects: [],
  loss: 0,
  typicalMm: 1,
  contrast: 0,
  takes: { remedy: 'clean', times: 0, grows: 'once' },
  remedies: ['leave'],
};
