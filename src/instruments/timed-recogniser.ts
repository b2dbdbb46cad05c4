/** What somebody who listens tells: words as they come, again and again until they are settled; what went wrong; its end. */
export interface Hearing {
  readonly words: (text: string, settled: boolean) => void;
  readonly wrong: (why: 'not-allowed' | 'no-service' | 'no-microphone') => void;
  readonly ended: () => void;
}

/** Something that turns speech into words, from start to stop. */
export interface Recogniser {
  /** Whether the sound may leave this device. */
  readonly sendsSound: boolean;
  readonly start: (on: Hearing) => void;
  readonly stop: () => void;
}

/** A saying of the stand-in: when after the start it is heard, and what. */
export interface TimedSaying {
  readonly atMs: number;
  readonly text: string;
}

const HALF_MS = 30;

/** A stand-in for a recogniser: says given texts at given times, first half of each, then all of it; nothing once stopped. */
export class TimedRecogniser implements Recogniser {
  readonly sendsSound = false;
  private waiting: ReturnType<typeof setTimeout>[] = [];
  private on: Hearing | null = null;
  constructor(private readonly script: readonly TimedSaying[]) {}

  start(on: Hearing): void {
    this.stop();
    this.on = on;
    this.waiting = this.script.flatMap(({ atMs, text }) => {
      const words = text.split(' ');
      return [
        setTimeout(() => on.words(words.slice(0, Math.ceil(words.length / 2)).join(' '), false), atMs),
        setTimeout(() => on.words(text, true), atMs + HALF_MS),
      ];
    });
  }

  stop(): void {
    for (const t of this.waiting) clearTimeout(t);
    this.waiting = [];
    this.on?.ended();
    this.on = null;
  }
}
