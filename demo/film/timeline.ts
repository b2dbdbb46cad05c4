/** Words said in one breath, and when, s. */
export interface Breath {
  readonly words: string;
  readonly fromS: number;
  readonly toS: number;
}
export interface Lap {
  readonly scenes: readonly { readonly fromS: number; readonly toS: number; readonly breaths: readonly Breath[] }[];
}

/** A line of captions is full at so many letters. */
const FULL = 34;
/** A pause of this length ends a cue even where its line is not full. */
const PAUSE_ENDS_S = 1.5;

const stamp = (s: number) => {
  const ms = Math.round(s * 1000);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${two(Math.floor(ms / 3_600_000))}:${two(Math.floor(ms / 60_000) % 60)}:${two(Math.floor(ms / 1000) % 60)}.${String(ms % 1000).padStart(3, '0')}`;
};

/**
 * Captions as services write them: no marks, no capitals, cut wherever the line was full, in the middle of what is said.
 * Each word has its share of its breath by its letters.
 */
export function captionsOf({ scenes }: Lap): string {
  const words = scenes.flatMap(({ breaths }) =>
    breaths.flatMap(({ words: said, fromS, toS }) => {
      const all = said.toLowerCase().split(' ');
      const letters = all.reduce((n, w) => n + w.length + 1, 0);
      let before = 0;
      return all.map((word) => {
        const from = fromS + ((toS - fromS) * before) / letters;
        before += word.length + 1;
        return { word, from, to: fromS + ((toS - fromS) * before) / letters };
      });
    }),
  );
  const cues: { from: number; to: number; text: string }[] = [];
  for (const { word, from, to } of words) {
    const last = cues.at(-1);
    if (last && last.text.length + 1 + word.length <= FULL && from - last.to < PAUSE_ENDS_S) {
      last.text += ` ${word}`;
      last.to = to;
    } else cues.push({ from, to, text: word });
  }
  return `WEBVTT\n\n${cues.map((c) => `${stamp(c.from)} --> ${stamp(c.to)}\n${c.text}\n`).join('\n')}`;
}
