'use client';

import { Mic } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { toast } from 'sonner';
import type { Recogniser } from '@/instruments/timed-recogniser';
import { Modal } from '@/ui/parts/modal';
import { usePreferences } from '@/ui/preferences';
import { recogniser } from './recogniser';

const AGREED = 'farvin-dictation';
const WRONG = {
  'not-allowed': 'The browser was not allowed to listen. What was said so far stands in the line.',
  'no-microphone': 'No microphone was found. What was said so far stands in the line.',
  'no-service':
    'This browser’s listening does not work here. Use the microphone of your keyboard in the line; what was said so far stands there.',
} as const;
/** Held for less, it stays on until it is touched again. */
const TOUCH_MS = 350;

/** A large key to talk into the line: held while talking, or touched once to begin and once to end. */
export function DictateKey({
  onWords,
  onSettled,
}: {
  /** Words as they come, not settled yet. */
  onWords: (text: string) => void;
  onSettled: (text: string) => void;
}) {
  const { words: vocabulary } = usePreferences().preferences;
  const [on, setOn] = useState(false);
  const [asks, setAsks] = useState(false);
  const own = useRef<Recogniser | null>(null);
  const since = useRef(0);
  useEffect(() => () => own.current?.stop(), []);
  const start = () => {
    const found = recogniser(vocabulary);
    if (!found) {
      toast('This browser does not listen. Use the microphone of your keyboard in the line.');
      return;
    }
    if (found.sendsSound && localStorage.getItem(AGREED) !== 'yes') {
      setAsks(true);
      return;
    }
    own.current = found;
    since.current = performance.now();
    setOn(true);
    found.start({
      words: (text, settled) => (settled ? onSettled(text) : onWords(text)),
      wrong: (why) => toast(WRONG[why]),
      ended: () => setOn(false),
    });
  };
  const stop = () => {
    own.current?.stop();
    own.current = null;
    setOn(false);
  };
  return (
    <>
      <button
        type="button"
        className={`btn min-h-14 min-w-14 touch-none sm:min-h-11 ${on ? 'bg-pin text-card' : ''}`}
        aria-pressed={on}
        aria-label={on ? 'Listening: let go or touch to end' : 'Hold to talk'}
        title="Hold to talk"
        onPointerDown={(e) => {
          e.preventDefault();
          if (on) stop();
          else start();
        }}
        onPointerUp={() => on && performance.now() - since.current > TOUCH_MS && stop()}
        onKeyDown={(e) => {
          if (e.key !== 'Enter' && e.key !== ' ') return;
          e.preventDefault();
          if (on) stop();
          else start();
        }}
        onContextMenu={(e) => e.preventDefault()}
      >
        <Mic size={22} aria-hidden="true" />
      </button>
      {asks && (
        <Modal title="Before this browser listens" onClose={() => setAsks(false)}>
          <p className="max-w-prose">
            Farvin keeps the words only. The browser turns speech into words; some browsers send the sound to their
            maker for that. If that must not be, use the microphone of your keyboard, as far as it works on the device
            itself.
          </p>
          <div className="mt-4 flex flex-wrap gap-2">
            <button
              type="button"
              className="btn btn-main"
              onClick={() => {
                localStorage.setItem(AGREED, 'yes');
                setAsks(false);
                toast('Hold the key to talk.');
              }}
            >
              It may listen
            </button>
            <button type="button" className="btn" onClick={() => setAsks(false)}>
              Not here
            </button>
          </div>
        </Modal>
      )}
    </>
  );
}
