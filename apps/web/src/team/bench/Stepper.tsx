/** Counting up and down with two big keys. */
export function Stepper({
  words,
  less,
  more,
  value,
  most,
  onChange,
}: {
  words: (n: number | null) => string;
  less: string;
  more: string;
  value: number | null;
  most: number;
  onChange: (n: number) => void;
}) {
  return (
    <div className="bench-leaves" role="group" aria-label={more}>
      <button type="button" aria-label={less} disabled={value === 0} onClick={() => onChange(Math.max(0, (value ?? 0) - 1))}>
        −
      </button>
      <span role="status">{words(value)}</span>
      <button
        type="button"
        aria-label={more}
        disabled={value === most}
        onClick={() => onChange(Math.min(most, (value ?? 0) + 1))}
      >
        +
      </button>
    </div>
  );
}
