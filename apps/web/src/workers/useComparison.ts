import { useEffect, useRef, useState } from 'react';
import { type CompareAnswer, type CompareQuestion } from './compareQuestion';

interface Answer {
  number: number;
  comparison: CompareAnswer;
  /** Time in the worker, kept as a performance entry for the benchmark. */
  milliseconds: number;
}

/** The comparison of the question, computed in a worker; null while it is being worked out. */
export function useComparison(question: CompareQuestion | null): Answer | null {
  const worker = useRef<Worker | null>(null);
  const asked = useRef(0);
  const [answer, setAnswer] = useState<Answer | null>(null);
  useEffect(() => {
    worker.current = new Worker(new URL('./compare.worker.ts', import.meta.url), { type: 'module' });
    worker.current.onmessage = ({ data }: MessageEvent<Answer>) => {
      performance.measure('comparison', { start: 0, duration: data.milliseconds });
      if (data.number === asked.current) setAnswer(data);
    };
    return () => worker.current?.terminate();
  }, []);
  useEffect(() => {
    if (!question) return;
    asked.current += 1;
    setAnswer(null);
    worker.current?.postMessage({ number: asked.current, question });
  }, [question]);
  return answer;
}
