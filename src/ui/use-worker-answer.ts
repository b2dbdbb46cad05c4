import { useEffect, useRef, useState } from 'react';

/**
 * What a worker answers to a question, asked again whenever the question is another object; null while there is none or it
 * is being computed. Only the answer to the newest question counts. `make` must be the same function on every render.
 */
export function useWorkerAnswer<Question extends object, Answer extends { readonly id: number }>(
  make: () => Worker,
  question: Question | null,
): Answer | null {
  const [answer, setAnswer] = useState<Answer | null>(null);
  const worker = useRef<Worker>(undefined);
  const asked = useRef(0);
  useEffect(() => {
    const made = make();
    worker.current = made;
    made.onmessage = ({ data }: MessageEvent<Answer>) => {
      if (data.id === asked.current) setAnswer(data);
    };
    return () => made.terminate();
  }, [make]);
  useEffect(() => {
    setAnswer(null);
    if (question) worker.current?.postMessage({ ...question, id: ++asked.current });
  }, [question]);
  return answer;
}
