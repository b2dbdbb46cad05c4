/** How readings of a stand-in are marked: they show a made-up car, and no report may go out with them. */
export const PRACTICE_NOTE = 'practice: stand-in gauge, made-up car';
