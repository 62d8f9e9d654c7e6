import { say } from '@bright-sprout/words/say';
import { type TableReading } from '@bright-sprout/core/formats/table/columnMeaning';
import { type HeadChoice } from '@bright-sprout/core/formats/table/headChoices';
import { type TableOutlook } from '@bright-sprout/core/formats/table/tableOutlook';
import { useCallback, useEffect, useRef, useState } from 'react';
import { tableWorker } from './tableWorker';
import { type OpenedTable, type TableAnswer, type TableQuestion } from './tableQuestion';

/** A table that is held beside the page: opened, read as it is said to be read, and packed to be sent. */
export interface TableBeside {
  /** What is being done that takes a moment; null while it rests. */
  busy: 'opening' | 'reading' | null;
  refused: string | null;
  opened: OpenedTable | null;
  outlook: TableOutlook | null;
  open: (name: string, bytes: ArrayBuffer, sheet: string | null, today: string) => void;
  read: (reading: TableReading) => void;
  choices: (reading: TableReading, column: number) => Promise<HeadChoice[]>;
  pack: (reading: TableReading) => Promise<string>;
  /** Stops what is being done and lets the table go. */
  close: () => void;
}

export function useTable(): TableBeside {
  const worker = useRef<Worker | null>(null);
  const asked = useRef(0);
  const waiting = useRef(new Map<string, (message: TableAnswer) => void>());
  const [busy, setBusy] = useState<TableBeside['busy']>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const [opened, setOpened] = useState<OpenedTable | null>(null);
  const [outlook, setOutlook] = useState<TableOutlook | null>(null);

  const end = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
    waiting.current.clear();
  }, []);
  useEffect(() => end, [end]);

  const begin = useCallback(() => {
    end();
    const made = tableWorker();
    made.onmessage = ({ data }: MessageEvent<TableAnswer>) => {
      if (data.kind === 'opened' || data.kind === 'refused') {
        setBusy(null);
        setRefused(data.kind === 'refused' ? data.reason : null);
        setOpened(data.kind === 'opened' ? data.table : null);
        setOutlook(null);
      } else if (data.kind === 'read') {
        if (data.number !== asked.current) return;
        setBusy(null);
        setOutlook(data.outlook);
      } else waiting.current.get(keyOf(data))?.(data);
    };
    made.onerror = () => {
      setBusy(null);
      setRefused(say('compare.fileTooLargeToo'));
    };
    worker.current = made;
    return made;
  }, [end]);

  const ask = useCallback((question: TableQuestion) => worker.current?.postMessage(question), []);
  return {
    busy,
    refused,
    opened,
    outlook,
    open: useCallback(
      (name, bytes, sheet, today) => {
        setBusy('opening');
        setRefused(null);
        begin().postMessage({ kind: 'open', name, bytes, sheet, today } satisfies TableQuestion);
      },
      [begin],
    ),
    read: useCallback(
      (reading) => {
        setBusy('reading');
        ask({ kind: 'read', number: ++asked.current, reading });
      },
      [ask],
    ),
    choices: useCallback(
      (reading, column) =>
        new Promise((next) => {
          waiting.current.set(`choices ${column}`, (m) => m.kind === 'choices' && next(m.choices));
          ask({ kind: 'choices', reading, column });
        }),
      [ask],
    ),
    pack: useCallback(
      (reading) =>
        new Promise((next) => {
          waiting.current.set('packed', (m) => m.kind === 'packed' && next(m.text));
          ask({ kind: 'pack', reading });
        }),
      [ask],
    ),
    close: useCallback(() => {
      end();
      setBusy(null);
      setRefused(null);
      setOpened(null);
      setOutlook(null);
    }, [end]),
  };
}

const keyOf = (message: Extract<TableAnswer, { kind: 'choices' | 'packed' }>) =>
  message.kind === 'choices' ? `choices ${message.column}` : 'packed';
