import { useMemo } from 'react';
import { squareOf } from './square';

/** A square to scan, as one path; the quiet zone is part of the picture. */
export function Square({ text, name, className }: { text: string; name: string; className: string }) {
  const { path, side } = useMemo(() => squareOf(text), [text]);
  return (
    <svg viewBox={`0 0 ${side} ${side}`} className={className} role="img" aria-label={name} shapeRendering="crispEdges">
      <rect width={side} height={side} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}
