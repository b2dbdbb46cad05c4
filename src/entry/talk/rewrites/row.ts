/**
 * Talk in the words of the entry line: each row is what is said and what the line calls it. Rows are tried in order, on
 * lower case with contractions opened ("there's" is "there is") and numbers still in words.
 */
export type Rewrite = readonly [said: RegExp, line: string];

export const row = (said: string, line: string): Rewrite => [new RegExp(`\\b(?:${said})(?![\\w'])`, 'g'), line];
