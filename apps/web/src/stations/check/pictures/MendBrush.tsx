import { say } from '@bright-sprout/words/say';
import { type FrameView } from '@bright-sprout/contracts/answers/films';
import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from 'react';
import { type Mend } from './useMending';

export type Brush = { green: boolean; radius: number };

const WIDTHS: [string, number][] = [
  ['fine', 0.006],
  ['middle', 0.014],
  ['broad', 0.035],
];

/** What the brush does, and the way back. */
export function BrushBar({
  brush,
  frame,
  mend,
  onBrush,
  onDone,
}: {
  brush: Brush;
  frame: FrameView;
  mend: Mend;
  onBrush: (brush: Brush) => void;
  onDone: () => void;
}) {
  const last = frame.mendings.filter((m) => m.kind === 'brush').pop();
  return (
    <div className="brush-bar" role="group" aria-label={say('pictures.brush')}>
      {[true, false].map((green) => (
        <button
          key={String(green)}
          type="button"
          className="btn"
          aria-pressed={brush.green === green}
          onClick={() => onBrush({ ...brush, green })}
        >
          {green ? say('pictures.thisIsGreen') : say('pictures.thisIsNot')}
        </button>
      ))}
      {WIDTHS.map(([name, radius]) => (
        <button
          key={name}
          type="button"
          className="btn brush-width"
          aria-pressed={brush.radius === radius}
          onClick={() => onBrush({ ...brush, radius })}
        >
          {name}
        </button>
      ))}
      <button
        type="button"
        className="btn btn-plain"
        disabled={!last || mend.busy}
        onClick={() => last && void mend.undo(last.id)}
      >
        {say('pictures.undoStroke')}
      </button>
      <button type="button" className="btn" onClick={onDone}>
        {say('pictures.done')}
      </button>
    </div>
  );
}

const NEAR = 0.003;
const STEP = 0.01;

/** Lies over the pan while it is mended: strokes of a finger or mouse, or a cursor that the arrow keys move and Space dabs with. */
export function BrushLayer({
  brush,
  ratio,
  onStroke,
}: {
  brush: Brush;
  ratio: number;
  onStroke: (places: [number, number][]) => void;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const way = useRef<[number, number][]>([]);
  const [cursor, setCursor] = useState<[number, number] | null>(null);
  useEffect(() => {
    const c = canvas.current;
    if (!c) return;
    c.width = 900;
    c.height = Math.round(900 * ratio);
  }, [ratio]);
  const placeOf = (event: PointerEvent): [number, number] => {
    const box = canvas.current!.getBoundingClientRect();
    return [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height];
  };
  const draw = ([x, y]: [number, number]) => {
    const [c, pen] = [canvas.current!, canvas.current!.getContext('2d')];
    if (!pen) return;
    pen.fillStyle = brush.green ? 'rgb(60 120 40 / 70%)' : 'rgb(245 168 28 / 70%)';
    pen.beginPath();
    pen.arc(x * c.width, y * c.height, brush.radius * c.width, 0, 2 * Math.PI);
    pen.fill();
  };
  const add = (place: [number, number]) => {
    const last = way.current[way.current.length - 1];
    if (last && Math.hypot(place[0] - last[0], place[1] - last[1]) < NEAR) return;
    way.current.push([Number(place[0].toFixed(4)), Number(place[1].toFixed(4))]);
    draw(place);
  };
  const end = () => {
    if (way.current.length > 0) onStroke(way.current.slice(0, 1200));
    way.current = [];
    const c = canvas.current!;
    c.getContext('2d')?.clearRect(0, 0, c.width, c.height);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const by = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] }[event.key];
    if (by) {
      event.preventDefault();
      setCursor((c) => {
        const [x, y] = c ?? [0.5, 0.5];
        return [Math.min(1, Math.max(0, x + by[0]!)), Math.min(1, Math.max(0, y + by[1]!))];
      });
    } else if (event.key === ' ' || event.key === 'Enter') {
      event.preventDefault();
      if (cursor) onStroke([cursor]);
    }
  };
  return (
    <>
      <canvas
        ref={canvas}
        className="brush-layer"
        tabIndex={0}
        role="application"
        aria-label={say('pictures.paintGreenArrowKeys')}
        onFocus={() => setCursor((c) => c ?? [0.5, 0.5])}
        onBlur={() => setCursor(null)}
        onKeyDown={onKeyDown}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          add(placeOf(event));
        }}
        onPointerMove={(event) => event.buttons > 0 && way.current.length > 0 && add(placeOf(event))}
        onPointerUp={end}
      />
      {cursor && (
        <span
          className="brush-cursor"
          style={{ left: `${100 * cursor[0]}%`, top: `${100 * cursor[1]}%`, width: `${200 * brush.radius}%` }}
          aria-hidden="true"
        />
      )}
    </>
  );
}
