import { say } from '@bright-sprout/words/say';
/** A question that nobody has answered stands over its plant. */
export function Doubt({ y }: { y: number }) {
  return (
    <g transform={`translate(0 ${Math.min(y, -30) - 2})`} className="place-doubt">
      <path d="M-7 -18h14l4 4v10l-4 4h-14l-4-4v-10z" fill="#FBE6DF" stroke="#B93A12" strokeWidth="1.4" />
      <text y="-4" textAnchor="middle">
        ?
      </text>
    </g>
  );
}

/** Bare soil with the days waited. */
export function NotUp({ days, slot }: { days: number; slot: number }) {
  return (
    <>
      <path d="M-11 0q3-7 11-7t11 7z" fill="#6D5C63" stroke="#2A1B2E" strokeWidth="1.2" />
      {slot >= 33 && (
        <g textAnchor="middle">
          <text y={-32} className="wait-number">
            {days}
          </text>
          <text y={-16} className="wait-words">
            {say('wall.days')}
          </text>
        </g>
      )}
    </>
  );
}

/** The pot on its side: what was there is lost. */
export function LostPot() {
  return <path d="M-15 -3l1-18l22-4l3 24zM8 -25q7 10 3 24" className="lost-pot" />;
}
