import { say } from '@bright-sprout/words/say';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { type ReactNode, useState } from 'react';
import { BroughtBack } from './BroughtBack';

/** A look as a file tells it. */
interface Told {
  name: string;
  day: IsoDay;
}

interface Read<L extends Told> {
  fresh: L[];
  changed: L[];
  problems: readonly { line: number; sentence: string }[];
}

interface Props<L extends Told> {
  title: string;
  /** Ways to take it along. */
  children: ReactNode;
  label: string;
  accept: string;
  open: (file: File) => Promise<{ looks: readonly L[]; problems: readonly { line: number; sentence: string }[] }>;
  /** What stands there now: nothing, the same, or something else. */
  stands: (look: L) => 'nothing' | 'same' | 'other';
  save: (look: L) => Promise<void>;
}

/** A sheet as a file, taken along and brought back. Nothing comes in before it was shown. */
export function FileExchange<L extends Told>({ title, children, label, accept, open, stands, save }: Props<L>) {
  const [read, setRead] = useState<Read<L> | null>(null);
  const [done, setDone] = useState('');
  const bring = async (file: File) => {
    setDone('');
    const { looks, problems } = await open(file);
    setRead({
      fresh: looks.filter((l) => stands(l) === 'nothing'),
      changed: looks.filter((l) => stands(l) === 'other'),
      problems,
    });
  };
  const take = async (looks: readonly L[]) => {
    setRead(null);
    const results = await Promise.allSettled(looks.map(save));
    setDone(
      say('log.looksTaken', { countResults: results.filter((r) => r.status === 'fulfilled').length, countLooks: looks.length }),
    );
  };
  return (
    <section className="section no-print">
      <h2>{title}</h2>
      <p className="d-flex flex-wrap gap-2">{children}</p>
      <label className="form-label d-block" htmlFor="filled-file">
        {label}
      </label>
      <input
        id="filled-file"
        type="file"
        accept={accept}
        className="form-control"
        onChange={(e) => e.target.files?.[0] && void bring(e.target.files[0])}
      />
      {read && (
        <BroughtBack
          fresh={read.fresh.length}
          changed={read.changed.length}
          problems={read.problems}
          onTake={(which) => void take(which === 'fresh' ? read.fresh : [...read.fresh, ...read.changed])}
        />
      )}
      {done && <p role="status">{done}</p>}
    </section>
  );
}
