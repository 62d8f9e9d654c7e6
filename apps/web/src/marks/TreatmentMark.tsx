import { treatmentLook } from '../theme/treatments';

/** The silhouette of a treatment at the origin of the surrounding drawing, `size` pixels wide. */
export function MarkShape({
  code,
  size,
  inked = false,
  onDark = false,
}: {
  code: string;
  size: number;
  inked?: boolean;
  onDark?: boolean;
}) {
  const look = treatmentLook(code);
  const scale = size / 24;
  const colour = onDark ? '#fff' : look.colour;
  return (
    <path
      d={look.path}
      fillRule="evenodd"
      transform={`scale(${scale}) translate(-12 -12)`}
      fill={look.open ? (onDark ? 'none' : '#fff') : colour}
      stroke={inked && !look.open ? '#2A1B2E' : colour}
      strokeWidth={look.open ? Math.min(5, 2.2 / scale) : inked ? 1.2 / scale : 0}
      strokeLinejoin="round"
    />
  );
}

/** The silhouette on its own, beside its letter. */
export function TreatmentMark({ code, size = 18 }: { code: string; size?: number }) {
  return (
    <svg
      width={size}
      height={size}
      viewBox={`${-size / 2 - 1} ${-size / 2 - 1} ${size + 2} ${size + 2}`}
      aria-hidden="true"
      className="flex-none"
    >
      <MarkShape code={code} size={size} />
    </svg>
  );
}
