import { say } from '@bright-sprout/words/say';
import { type KeyboardEvent, type PointerEvent, type ReactNode, useEffect, useRef, useState } from 'react';
import { type ShownFrame } from '../../../workers/useFilm';

interface Props {
  shown: ShownFrame | null;
  size: { width: number; height: number };
  /** How it is told to those who do not see it. */
  label: string;
  wideMm: number | null;
  deepMm: number | null;
  /** What lies over it: names of sections, the brush. */
  children: ReactNode;
  /** Everything as it was counted, while it is mended. */
  allCounted: boolean;
}

/** A pan from straight above: as it was taken on the left of the peg, as it was counted on the right. */
export function PanView({ shown, size, label, wideMm, deepMm, children, allCounted }: Props) {
  const [wipe, setWipe] = useState(0.54);
  const [taken, counted, pan] = [useRef<HTMLCanvasElement>(null), useRef<HTMLCanvasElement>(null), useRef<HTMLDivElement>(null)];
  useEffect(() => {
    for (const [canvas, bitmap] of [
      [taken.current, shown?.taken],
      [counted.current, shown?.counted],
    ] as const)
      if (canvas) {
        // Sized anew, a canvas is empty.
        canvas.width = bitmap?.width ?? 1;
        canvas.height = bitmap?.height ?? 1;
        if (bitmap) canvas.getContext('2d')?.drawImage(bitmap, 0, 0);
      }
  }, [shown, taken, counted]);
  const at = allCounted ? 0 : wipe;
  const slide = (event: PointerEvent) => {
    const box = pan.current!.getBoundingClientRect();
    setWipe(Math.min(1, Math.max(0, (event.clientX - box.left) / box.width)));
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -0.02, ArrowRight: 0.02, Home: -1, End: 1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    setWipe((w) => Math.min(1, Math.max(0, w + by)));
  };
  return (
    <figure className="pan">
      {wideMm !== null && <PanRuler mm={wideMm} along="top" />}
      {deepMm !== null && <PanRuler mm={deepMm} along="left" />}
      <div className="pan-picture" ref={pan} style={{ aspectRatio: `${size.width} / ${size.height}` }}>
        <canvas ref={taken} role="img" aria-label={label} />
        <canvas ref={counted} aria-hidden="true" style={{ clipPath: `inset(0 0 0 ${100 * at}%)` }} />
        {children}
        {!allCounted && shown && (
          <div className="pan-wipe" style={{ left: `${100 * wipe}%` }}>
            <div
              className="pan-peg"
              role="slider"
              tabIndex={0}
              aria-label={say('pictures.takenLeftCountedRight')}
              aria-valuemin={0}
              aria-valuemax={100}
              aria-valuenow={Math.round(100 * wipe)}
              aria-valuetext={say('pictures.asTaken', { percent: Math.round(100 * wipe) })}
              onKeyDown={onKeyDown}
              onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
              onPointerMove={(event) => event.buttons > 0 && slide(event)}
            >
              <Peg />
            </div>
            <span className="pan-side taken" aria-hidden="true">
              {say('pictures.asItWasTaken')}
            </span>
            <span className="pan-side counted" aria-hidden="true">
              {say('pictures.asCounted')}
            </span>
          </div>
        )}
      </div>
    </figure>
  );
}

/** A clothes peg with an arrow on each side. */
function Peg() {
  return (
    <svg width="76" height="72" viewBox="-38 -36 76 72" aria-hidden="true">
      <path d="M-38 0l10-9v18zM38 0l-10-9v18z" fill="#fff" stroke="#2a1b2e" strokeWidth="2" />
      <path
        d="M-3 -32h-9l-3 12 5 14-9 36 8 2 9-34zM3 -32h9l3 12-5 14 9 36-8 2-9-34z"
        fill="#fff"
        stroke="#2a1b2e"
        strokeWidth="2.2"
        strokeLinejoin="round"
      />
      <path d="M-14-13h28v7h-28z" fill="#2a1b2e" />
    </svg>
  );
}

const CM = 10;

/** Ticks every centimetre along an edge, numbers every ten. */
function PanRuler({ mm, along }: { mm: number; along: 'top' | 'left' }) {
  const marks = Array.from({ length: Math.floor(mm / CM) + 1 }, (_, cm) => cm);
  return (
    <div className={`pan-ruler ${along}`} aria-hidden="true">
      {marks.map((cm) => (
        <span
          key={cm}
          className={cm % 10 === 0 ? 'ten' : cm % 5 === 0 ? 'five' : ''}
          style={{ [along === 'top' ? 'left' : 'top']: `${(100 * cm * CM) / mm}%` }}
        >
          {along === 'top' && cm > 0 && cm % 10 === 0 && (
            <b>
              {cm}
              {cm + 10 > mm / CM && ` ${say('pictures.centimetres')}`}
            </b>
          )}
        </span>
      ))}
    </div>
  );
}
