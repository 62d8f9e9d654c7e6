import { say } from '@bright-sprout/words/say';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { useState } from 'react';
import { type ShownPhoto } from './enteredSince';
import { Picture } from './Picture';
import { WholePhoto, type WholePhotoProps } from './WholePhoto';
import './photos.scss';

interface PhotosProps extends Omit<WholePhotoProps, 'photo' | 'onClose'> {
  photos: readonly ShownPhoto[];
}

/** Pictures of a container in a row; a tap shows one whole. */
export function Photos({ photos, code, path, ruler, onTakeBack }: PhotosProps) {
  const [open, setOpen] = useState<ShownPhoto | null>(null);
  if (photos.length === 0) return null;
  return (
    <div className="photos" role="group" aria-label={say('entry.picturesOf', { code })}>
      {photos.map((p) => (
        <button key={p.id} type="button" className="photo" onClick={() => setOpen(p)}>
          <Picture photo={p} path={path} small alt={say('entry.codeOnDay', { code, day: formatDay(p.day) })} />
        </button>
      ))}
      {open && (
        <WholePhoto photo={open} code={code} path={path} ruler={ruler} onTakeBack={onTakeBack} onClose={() => setOpen(null)} />
      )}
    </div>
  );
}
