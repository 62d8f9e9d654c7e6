import { say } from '@bright-sprout/words/say';
import { FINE_LEAN, type LightScale } from './guides';

/** A plumb line that hangs aside where the camera leans. */
export function Plumb({ tilt, waits, found }: { tilt: number | null; waits: boolean; found: boolean }) {
  const lean = Math.min(28, tilt ?? 0);
  const fine = tilt !== null && tilt <= FINE_LEAN;
  return (
    <div className="taking-guide">
      <svg width="84" height="74" viewBox="0 0 84 74" aria-hidden="true">
        <g transform={`rotate(${lean / 2} 42 10)`}>
          <path d="M6 5h72v8H6z" fill="#fff" stroke="#2a1b2e" strokeWidth="2" />
        </g>
        <g transform={`rotate(${-lean / 2} 42 12)`}>
          <path d="M42 12v28" stroke="#2a1b2e" strokeWidth="2" />
          <path d="M33 40h18v7l-9 12-9-12z" fill={fine ? '#0a6c6e' : '#2a1b2e'} />
        </g>
        <path d="M18 62q24 12 48 0" fill="none" stroke="#2a1b2e" strokeWidth="2" strokeDasharray="1.500 4" />
      </svg>
      <p>
        <b>{say('pictures.straightDown', { fine })}</b>
        <br />
        {tilt !== null
          ? say('pictures.offFine', { lean: Math.round(tilt), fineLean: FINE_LEAN })
          : waits && !found
            ? say('pictures.bringPicture')
            : say('pictures.holdDeviceFlatBack')}
      </p>
    </div>
  );
}

/** Light now beside the other pictures', on a ruler from dark to bright. */
export function LightRuler({ light, others }: { light: LightScale; others: number }) {
  const x = (share: number) => `${100 * share}%`;
  return (
    <div className="taking-light">
      <p>
        <b>{say('pictures.light', { light: light.word })}</b>{' '}
        {others === 0
          ? say('pictures.asDaylightHasIt')
          : light.word === 'fine'
            ? say('pictures.likeOthers', { others })
            : say('pictures.besideOthers', { light: light.word, others })}
      </p>
      <div
        className={`light-ruler ${light.word === 'fine' ? 'fine' : 'off'}`}
        role="img"
        aria-label={say('pictures.theLightIs', { light: light.word })}
      >
        <span className="light-fine" style={{ left: x(light.fine[0]), width: x(light.fine[1] - light.fine[0]) }} />
        {light.others.map((o, i) => (
          <span key={i} className="light-other" style={{ left: x(o) }} />
        ))}
        <span className="light-now" style={{ left: x(light.now) }} />
      </div>
      <p className="light-words" aria-hidden="true">
        <span>{say('pictures.tooDark')}</span>
        <b style={{ left: x((light.fine[0] + light.fine[1]) / 2) }}>{say('pictures.fine')}</b>
        <span>{say('pictures.tooBright')}</span>
      </p>
    </div>
  );
}
