import { wordsOfPage } from '../words/language';
import { type Group, type GroupedRecords } from '@bright-sprout/core/compare/groups';
import { type Question } from '@bright-sprout/core/compare/question';
import { type OwnMeasure } from '@bright-sprout/core/measures/ownMeasure';
import { useEffect, useRef, useState } from 'react';
import { type AnswerMessage, type CompareAnswer, type CompareMessage, type QuestionMessage } from './compareQuestion';

export interface Asking {
  records: GroupedRecords;
  groups: readonly Group[];
  question: Question;
  own: readonly OwnMeasure[];
  facts: QuestionMessage['facts'];
}

export interface Working {
  /** Null while it is being worked out. */
  answer: CompareAnswer | null;
  /** How far it is, from 0 to 1. */
  share: number;
}

const NOTHING: Working = { answer: null, share: 0 };

/** How sure the answers to a question are, worked out beside the page; a new question ends the one before. */
export function useSureness(asking: Asking | null): Working {
  const worker = useRef<Worker | null>(null);
  const asked = useRef(0);
  const sent = useRef<GroupedRecords | null>(null);
  const key = useRef(0);
  const [working, setWorking] = useState<Working>(NOTHING);
  useEffect(() => {
    worker.current = new Worker(new URL('./compare.worker.ts', import.meta.url), { type: 'module', name: wordsOfPage() });
    sent.current = null;
    worker.current.onmessage = ({ data }: MessageEvent<AnswerMessage>) => {
      if (data.number !== asked.current) return;
      if ('share' in data) return setWorking({ answer: null, share: data.share });
      performance.measure('comparison', { start: 0, duration: data.milliseconds });
      setWorking({ answer: data.answer, share: 1 });
    };
    return () => worker.current?.terminate();
  }, []);
  useEffect(() => {
    if (!asking) return;
    const post = (message: CompareMessage) => worker.current?.postMessage(message);
    if (sent.current !== asking.records) {
      sent.current = asking.records;
      key.current += 1;
      post({ kind: 'records', key: key.current, records: asking.records });
    }
    asked.current += 1;
    setWorking(NOTHING);
    const { groups, question, own, facts } = asking;
    post({ kind: 'question', number: asked.current, records: key.current, groups, question, own, facts });
  }, [asking]);
  return working;
}
