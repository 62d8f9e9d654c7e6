import { say } from '@bright-sprout/words/say';
import { type FrameView } from '@bright-sprout/contracts/answers/films';
import { isConvex } from '@bright-sprout/core/pictures/homography';
import { type Point, type Quad } from '@bright-sprout/core/pictures/picture';
import { useState } from 'react';
import { ProblemNotice } from '../../../page/Notices';
import { DragPoint, PicturePlane } from './PicturePlane';
import { type Mend } from './useMending';

const names = () =>
  [say('pictures.topLeft'), say('pictures.topRight'), say('pictures.bottomRight'), say('pictures.bottomLeft')] as const;
const INSET: Quad = [
  [0.08, 0.08],
  [0.92, 0.08],
  [0.92, 0.92],
  [0.08, 0.92],
];

interface Props {
  frame: FrameView;
  src: string;
  alt: string;
  mend: Mend;
  onDone: () => void;
}

/** Where a pan lies in a picture: four corners that are dragged to its inner edge. */
export function CornersEditor({ corners, first, ...props }: Props & { corners: Quad | null; first: boolean }) {
  const [quad, setQuad] = useState<Quad>(corners ?? INSET);
  const ok = isConvex(quad);
  return (
    <section className="put-right" aria-label={say('pictures.corners')}>
      <PicturePlane src={props.src} size={props.frame} alt={props.alt}>
        <svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true">
          <polygon points={quad.map((p) => p.join(',')).join(' ')} className={ok ? '' : 'wrong'} />
        </svg>
        {quad.map((at, i) => (
          <DragPoint
            key={names()[i]}
            at={at}
            name={say('pictures.corner', { names: names()[i] })}
            className="corner"
            onMove={(to) => setQuad((before) => before.map((p, k) => (k === i ? to : p)) as unknown as Quad)}
          />
        ))}
      </PicturePlane>
      <div className="put-right-side">
        <h2>{first ? say('pictures.whereLie') : say('pictures.putCornersRight')}</h2>
        <p>{say('pictures.dragCornerOuterCorner', { first })}</p>
        {!ok && <p className="alarm">{say('pictures.cornersCrossOtherNothing')}</p>}
        <Buttons
          {...props}
          save={say('pictures.theseAreTheCorners')}
          disabled={!ok}
          what={() => ({ kind: 'corners', places: quad.map(([x, y]): [number, number] => [x, y]) })}
        />
      </div>
    </section>
  );
}

/** Something white in a picture under another light: from it the colours are put right. */
export function WhitePatchEditor(props: Props) {
  const [patch, setPatch] = useState<readonly [Point, Point]>([
    [0.03, 0.4],
    [0.09, 0.5],
  ]);
  const [[ax, ay], [bx, by]] = patch;
  return (
    <section className="put-right" aria-label={say('pictures.itsLight')}>
      <PicturePlane src={props.src} size={props.frame} alt={props.alt} onDrag={(from, to) => setPatch([from, to])}>
        <span
          className="white-patch"
          style={{
            left: `${100 * Math.min(ax, bx)}%`,
            top: `${100 * Math.min(ay, by)}%`,
            width: `${100 * Math.abs(bx - ax)}%`,
            height: `${100 * Math.abs(by - ay)}%`,
          }}
        />
        <DragPoint
          at={patch[0]}
          name={say('pictures.whiteFromHere')}
          className="white-end"
          onMove={(to) => setPatch([to, patch[1]])}
        />
        <DragPoint
          at={patch[1]}
          name={say('pictures.whiteToHere')}
          className="white-end"
          onMove={(to) => setPatch([patch[0], to])}
        />
      </PicturePlane>
      <div className="put-right-side">
        <h2>{say('pictures.mendLight')}</h2>
        <p>{say('pictures.drawFrameOverSomething')}</p>
        <Buttons
          {...props}
          save={say('pictures.thisIsWhite')}
          disabled={Math.abs(bx - ax) < 0.004 || Math.abs(by - ay) < 0.004}
          what={() => ({ kind: 'white-patch', places: patch.map(([x, y]): [number, number] => [x, y]) })}
        />
      </div>
    </section>
  );
}

function Buttons({
  frame,
  mend,
  onDone,
  save,
  disabled,
  what,
}: Props & { save: string; disabled: boolean; what: () => Parameters<Mend['add']>[1] }) {
  return (
    <>
      {mend.error !== null && <ProblemNotice error={mend.error} />}
      <p className="d-flex gap-2">
        <button
          type="button"
          className="btn-next"
          disabled={disabled || mend.busy}
          onClick={() => void mend.add(frame.id, what()).then((ok) => ok && onDone())}
        >
          {save}
        </button>
        <button type="button" className="btn btn-plain" onClick={onDone}>
          {say('common.leaveIt')}
        </button>
      </p>
    </>
  );
}
