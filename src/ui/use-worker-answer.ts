import { useEffect, useRef, useState } from 'react';

/**
 * What a worker answers to a question, asked again whenever the question is another object; null while there is none or it
 * is being computed. Only the answer to the newest question counts, and work on an older one is stopped. A worker may tell
 * how far it is (`stage`) before it answers. With `once` it is let go when it has answered, with all that it holds. `make`
 * must be the same function on every render.
 */
export function useWorkerAnswer<Question extends object, Answer extends { readonly id: number }>(
  make: () => Worker,
  question: Question | null,
  once = false,
): readonly [answer: Answer | null, stage: string | null] {
  const [answer, setAnswer] = useState<Answer | null>(null);
  const [stage, setStage] = useState<string | null>(null);
  const worker = useRef<Worker>(undefined);
  const asked = useRef(0);
  const busy = useRef(false);
  useEffect(
    () => () => {
      worker.current?.terminate();
      worker.current = undefined;
    },
    [],
  );
  useEffect(() => {
    setAnswer(null);
    setStage(null);
    if (busy.current) {
      worker.current?.terminate();
      worker.current = undefined;
      busy.current = false;
    }
    if (!question) return;
    const id = ++asked.current;
    const used = worker.current ?? make();
    worker.current = used;
    used.onmessage = ({ data }: MessageEvent<Answer | { readonly id: number; readonly stage: string }>) => {
      if (data.id !== asked.current) return;
      if ('stage' in data) {
        setStage(data.stage);
        return;
      }
      busy.current = false;
      if (once) {
        used.terminate();
        worker.current = undefined;
      }
      setAnswer(data);
    };
    busy.current = true;
    used.postMessage({ ...question, id });
  }, [make, question, once]);
  return [answer, stage];
}
