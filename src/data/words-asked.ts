import { type SQL, sql } from 'drizzle-orm';

/** More words than this narrow nothing. */
const MOST_WORDS = 8;

/** The words of a search. */
export const wordsAsked = (search: string): string[] => search.split(/\s+/).filter(Boolean).slice(0, MOST_WORDS);

/** Whether a text holds a word, in whatever case; signs of the search language stand for themselves. */
export const holdsWord = (text: SQL, word: string): SQL => sql`${text} ilike ${`%${word.replace(/[\\%_]/g, '\\$&')}%`}`;
