import { say } from '@bright-sprout/words/say';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { lazy, Suspense, useEffect, useState } from 'react';
import { type ShownPhoto } from './enteredSince';
import { Picture } from './Picture';
import { type WholePhotoProps } from './WholePhoto';
import './photos.scss';

interface PhotosProps extends Omit<WholePhotoProps, 'photo' | 'onClose'> {
  photos: readonly ShownPhoto[];
}

const whole = () => import('./WholePhoto');
const WholePhoto = lazy(whole);

/** Pictures of a container in a row; a tap shows one whole. */
export function Photos({ photos, code, path, ruler, onTakeBack }: PhotosProps) {
  const [open, setOpen] = useState<ShownPhoto | null>(null);
  // Fetched while there is a network: pictures are taken, and looked at, also without one.
  useEffect(() => void whole().catch(() => undefined), []);
  if (photos.length === 0) return null;
  return (
    <div className="photos" role="group" aria-label={say('entry.picturesOf', { code })}>
      {photos.map((p) => (
        <button key={p.id} type="button" className="photo" onClick={() => setOpen(p)}>
          <Picture photo={p} path={path} small alt={say('entry.codeOnDay', { code, day: formatDay(p.day) })} />
        </button>
      ))}
      {open && (
        <Suspense fallback={null}>
          <WholePhoto photo={open} code={code} path={path} ruler={ruler} onTakeBack={onTakeBack} onClose={() => setOpen(null)} />
        </Suspense>
      )}
    </div>
  );
}
