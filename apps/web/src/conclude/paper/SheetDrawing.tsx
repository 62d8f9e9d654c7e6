import { type ReactNode, type Ref } from 'react';
import { type Sheet } from './sheets';
import './paper.scss';

/** A whole sheet of paper as one drawing: what is seen is what is printed. */
export function SheetDrawing({
  sheet: { drawing },
  label,
  ref,
  children,
}: {
  sheet: Sheet;
  label: string;
  ref?: Ref<SVGSVGElement>;
  children: ReactNode;
}) {
  const [width, height] = drawing;
  return (
    <svg
      ref={ref}
      className="sheet-drawing"
      viewBox={`0 0 ${width} ${height}`}
      width={width}
      height={height}
      role="img"
      aria-label={label}
    >
      <rect width={width} height={height} fill="#fff" />
      {children}
    </svg>
  );
}
