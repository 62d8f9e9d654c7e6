import { type ReactNode, type Ref } from 'react';
import { type Paper } from './paper';
import './paperPage.scss';

/** A page of paper as one drawing in true proportions: what is seen is what is printed. */
export function PaperPage({
  paper: { width, height },
  label,
  ref,
  children,
}: {
  /** Units of its drawing. */
  paper: Pick<Paper, 'width' | 'height'>;
  label: string;
  ref?: Ref<SVGSVGElement>;
  children: ReactNode;
}) {
  return (
    <svg
      ref={ref}
      className="paper-page"
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
