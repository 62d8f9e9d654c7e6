import { say } from '@bright-sprout/words/say';
import { type Quad } from '@bright-sprout/core/pictures/picture';
import { useEffect, useRef } from 'react';
import { type FilmBeside } from '../workers/useFilm';

/** Yesterday's line over what the camera sees, and for each corner whether it is where it was. */
export function LastOutline({
  beside,
  lastId,
  known,
  inPlace,
  looks,
}: {
  beside: FilmBeside;
  lastId: string | null;
  known: Quad | null;
  inPlace: readonly boolean[];
  looks: boolean;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { outline } = beside;
  useEffect(() => {
    if (!lastId) return;
    void outline(lastId).then((bitmap) => {
      const c = canvas.current;
      if (!bitmap || !c) return;
      [c.width, c.height] = [bitmap.width, bitmap.height];
      c.getContext('2d')?.drawImage(bitmap, 0, 0);
    });
  }, [lastId, outline]);
  if (!known) return <p className="taking-hint">{say('pictures.holdStraightAboveMiddle')}</p>;
  const missing = inPlace.filter((p) => !p).length;
  return (
    <>
      <canvas ref={canvas} aria-hidden="true" />
      <svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true">
        <polygon points={known.map((p) => p.join(',')).join(' ')} />
      </svg>
      {known.map(([x, y], i) => (
        <span
          key={i}
          className={`taking-corner c${i}${inPlace[i] ? ' there' : ''}`}
          style={{ left: `${100 * x}%`, top: `${100 * y}%` }}
          aria-hidden="true"
        />
      ))}
      <p className="taking-hint" role="status">
        {!looks
          ? say('pictures.lookingCorners')
          : missing === 0
            ? say('pictures.liesLayBefore')
            : missing === 4
              ? say('pictures.bringOntoLastPictures')
              : say('pictures.bringCornerCorners', { missing })}
      </p>
    </>
  );
}
