import { z } from 'zod';
import { type Hearing, type Recogniser, TimedRecogniser } from '@/instruments/timed-recogniser';

interface Result {
  readonly isFinal: boolean;
  readonly 0: { readonly transcript: string };
}
/** The browser's own recogniser, as far as it is used here (Web Speech API). */
interface BrowserRecognition {
  lang: string;
  continuous: boolean;
  interimResults: boolean;
  onresult: ((e: { readonly resultIndex: number; readonly results: ArrayLike<Result> }) => void) | null;
  onerror: ((e: { readonly error: string }) => void) | null;
  onend: (() => void) | null;
  start: () => void;
  stop: () => void;
}
type RecognitionClass = new () => BrowserRecognition;

class BrowserRecogniser implements Recogniser {
  readonly sendsSound = true;
  private own: BrowserRecognition | null = null;
  constructor(
    private readonly Recognition: RecognitionClass,
    private readonly lang: string,
  ) {}
  start(on: Hearing): void {
    const own = new this.Recognition();
    this.own = own;
    own.lang = this.lang;
    own.continuous = true;
    own.interimResults = true;
    own.onresult = ({ resultIndex, results }) => {
      for (let i = resultIndex; i < results.length; i++)
        on.words(results[i]![0].transcript.trim(), results[i]!.isFinal);
    };
    own.onerror = ({ error }) => {
      if (error === 'no-speech' || error === 'aborted') return;
      on.wrong(error === 'not-allowed' ? 'not-allowed' : error === 'audio-capture' ? 'no-microphone' : 'no-service');
    };
    own.onend = on.ended;
    own.start();
  }
  stop(): void {
    this.own?.stop();
    this.own = null;
  }
}

/** Where the texts of the stand-in lie, for demonstrations and tests. */
const STAND_IN = 'farvin-stand-in-recogniser';
const scriptSchema = z.array(z.object({ atMs: z.number().min(0).max(600_000), text: z.string().max(500) })).max(500);

/** What listens in this browser: the stand-in where one is laid out, else the browser's own; null where there is neither. */
export function recogniser(lang: string): Recogniser | null {
  try {
    const script = scriptSchema.safeParse(JSON.parse(localStorage.getItem(STAND_IN) ?? 'null'));
    if (script.success) return new TimedRecogniser(script.data);
  } catch {
    // No script that can be read is none.
  }
  const own = window as unknown as { SpeechRecognition?: RecognitionClass; webkitSpeechRecognition?: RecognitionClass };
  const Recognition = own.SpeechRecognition ?? own.webkitSpeechRecognition;
  return Recognition ? new BrowserRecogniser(Recognition, lang) : null;
}
