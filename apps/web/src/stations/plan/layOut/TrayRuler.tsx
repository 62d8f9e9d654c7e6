import { say } from '@bright-sprout/words/say';
const PIXELS_PER_MM = 2;

/** What stands above, on a ruler: the drawing is to scale along the window. */
export function TrayRuler({ wideMm }: { wideMm: number }) {
  const wide = wideMm * PIXELS_PER_MM;
  const step = wideMm > 700 ? 200 : wideMm > 250 ? 100 : 50;
  const marks = Array.from({ length: Math.floor(wideMm / 10) + 1 }, (_, cm) => cm * 10);
  return (
    <div className="lay-ruler" aria-hidden="true">
      <svg viewBox={`0 0 ${wide} 12`} preserveAspectRatio="none">
        <path
          d={marks.map((mm) => `M${mm * PIXELS_PER_MM} 0v${mm % 100 === 0 ? 11 : mm % 50 === 0 ? 8 : 5}`).join('')}
          stroke="#2A1B2E"
          strokeWidth="1.2"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      {Array.from({ length: Math.floor(wideMm / step) + 1 }, (_, i) => i * step).map((mm) => (
        <span key={mm} style={{ left: `${(100 * mm) / wideMm}%` }}>
          {mm / 10}
          {mm > 0 && mm + step > wideMm && ` ${say('layOut.centimetres')}`}
        </span>
      ))}
    </div>
  );
}
