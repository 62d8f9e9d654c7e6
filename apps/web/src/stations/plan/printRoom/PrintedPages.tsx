import { say } from '@bright-sprout/words/say';
import { useRef, useState } from 'react';
import { handOver } from '../../../compare/figures/takeAway';
import { ProblemNotice } from '../../../page/Notices';
import { PaperPage } from '../../../print/PaperPage';
import { type Making, pagesPdf } from '../../../print/pagesPdf';
import { type paperOf } from '../../../print/paper';
import { type Printable } from './printable';

/** Pages as they lie on the paper, and the way to take them. */
export function PrintedPages({
  name,
  pages,
  paper,
}: {
  name: string;
  pages: Exclude<Printable['pages'], string>;
  paper: ReturnType<typeof paperOf>;
}) {
  const drawn = useRef<(SVGSVGElement | null)[]>([]);
  const [making, setMaking] = useState<Making | null>(null);
  const [error, setError] = useState<unknown>(null);
  const ending = useRef<AbortController | null>(null);
  const make = async () => {
    ending.current = new AbortController();
    const { signal } = ending.current;
    setError(null);
    setMaking({ done: 0, of: pages.length });
    try {
      const blob = await pagesPdf(
        drawn.current.slice(0, pages.length).filter((p) => p !== null),
        paper,
        name,
        { told: setMaking, signal },
      );
      handOver(blob, `${name.toLowerCase().replace(/[^a-z]+/g, '-')}.pdf`);
    } catch (problem) {
      if (!signal.aborted) setError(problem);
    } finally {
      setMaking(null);
    }
  };
  return (
    <>
      <p className="print-room-steps">
        {making ? (
          <>
            <progress max={making.of} value={making.done} aria-label={say('printRoom.pagesMade')} />
            <span role="status">
              {say('printRoom.pageOf', { page: Math.min(making.done + 1, pages.length), pages: pages.length })}
            </span>
            <button type="button" className="btn" onClick={() => ending.current?.abort()}>
              {say('common.stop')}
            </button>
          </>
        ) : (
          <button type="button" className="btn-next" onClick={() => void make()}>
            {pages.length === 1 ? say('printRoom.pagePdf') : say('printRoom.pagesPdf', { countPages: pages.length })}
          </button>
        )}
      </p>
      {error !== null && <ProblemNotice error={error} />}
      <div className="print-room-pages">
        {pages.map((p, i) => (
          <PaperPage
            key={i}
            paper={paper}
            label={p.label}
            ref={(element) => {
              drawn.current[i] = element;
            }}
          >
            {p.content}
          </PaperPage>
        ))}
      </div>
    </>
  );
}
