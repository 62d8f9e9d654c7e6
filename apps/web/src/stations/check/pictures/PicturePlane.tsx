import { type Point } from '@bright-sprout/core/pictures/picture';
import { type KeyboardEvent, type PointerEvent, type ReactNode, useRef } from 'react';

/** A picture with things on it that have places, as shares of its width and height. */
export function PicturePlane({
  src,
  size,
  alt,
  children,
  onPlace,
  onDrag,
}: {
  src: string;
  /** Keeps its room while the picture is on its way. */
  size: { width: number; height: number };
  alt: string;
  children?: ReactNode;
  /** A press on the picture itself. */
  onPlace?: (place: Point) => void;
  /** A press that moves: from where to where. */
  onDrag?: (from: Point, to: Point) => void;
}) {
  const from = useRef<Point | null>(null);
  const placeOf = (event: PointerEvent): Point => {
    const box = event.currentTarget.getBoundingClientRect();
    return [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height];
  };
  return (
    <div
      className="picture-plane"
      style={{ aspectRatio: `${size.width} / ${size.height}` }}
      onPointerDown={(event) => {
        if ((event.target as HTMLElement).closest('button')) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        from.current = placeOf(event);
        onPlace?.(from.current);
      }}
      onPointerMove={(event) => from.current && onDrag?.(from.current, placeOf(event))}
      onPointerUp={() => (from.current = null)}
    >
      <img src={src} alt={alt} draggable={false} />
      {children}
    </div>
  );
}

const STEP = 0.0025;
const MOVES: Record<string, Point> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

const within = (n: number) => Math.min(1, Math.max(0, n));

/** A place on a picture that is dragged, or moved with the arrow keys (in large steps with Shift). */
export function DragPoint({
  at: [x, y],
  name,
  className = '',
  onMove,
  children,
}: {
  at: Point;
  name: string;
  className?: string;
  onMove: (at: Point) => void;
  children?: ReactNode;
}) {
  const button = useRef<HTMLButtonElement>(null);
  const grip = useRef<Point>([0, 0]);
  const onPointerMove = (event: PointerEvent) => {
    if (event.buttons === 0) return;
    const box = button.current!.closest('.picture-plane')!.getBoundingClientRect();
    onMove([
      within((event.clientX - box.left) / box.width - grip.current[0]),
      within((event.clientY - box.top) / box.height - grip.current[1]),
    ]);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const move = MOVES[event.key];
    if (!move) return;
    event.preventDefault();
    const by = event.shiftKey ? 8 * STEP : STEP;
    onMove([within(x + move[0] * by), within(y + move[1] * by)]);
  };
  return (
    <button
      ref={button}
      type="button"
      className={`drag-point ${className}`}
      style={{ left: `${100 * x}%`, top: `${100 * y}%` }}
      aria-label={name}
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        const box = button.current!.closest('.picture-plane')!.getBoundingClientRect();
        grip.current = [(event.clientX - box.left) / box.width - x, (event.clientY - box.top) / box.height - y];
        event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerMove={onPointerMove}
    >
      {children}
    </button>
  );
}
