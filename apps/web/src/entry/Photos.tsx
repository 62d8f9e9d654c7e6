import { say } from '@bright-sprout/words/say';
import { Say } from '../words/Say';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { useEffect, useState } from 'react';
import { Modal } from 'react-bootstrap';
import { Link } from 'react-router';
import { type ShownPhoto } from './enteredSince';
import './photos.scss';

interface Props {
  photos: readonly ShownPhoto[];
  /** What is in the pictures: the code of the container. */
  code: string;
  /** Where the pictures are asked for: `/bench/photos` for a team, `/photos` for the teacher. */
  path: '/bench/photos' | '/photos';
  /** Where one is measured on, by its id; left out where that is not done. */
  ruler?: (id: string) => string;
  /** Null where nobody may take one back. */
  onTakeBack: ((id: string) => void) | null;
}

/** Pictures of a container in a row; a tap shows one whole. */
export function Photos({ photos, code, path, ruler, onTakeBack }: Props) {
  const [open, setOpen] = useState<ShownPhoto | null>(null);
  if (photos.length === 0) return null;
  return (
    <div className="photos" role="group" aria-label={say('entry.picturesOf', { code })}>
      {photos.map((p) => (
        <button key={p.id} type="button" className="photo" onClick={() => setOpen(p)}>
          <Picture photo={p} path={path} small alt={say('entry.codeOnDay', { code, day: formatDay(p.day) })} />
        </button>
      ))}
      <Modal show={open !== null} onHide={() => setOpen(null)} centered size="lg" aria-label={say('entry.pictureOf', { code })}>
        {open && (
          <Modal.Body className="photo-whole">
            <Picture photo={open} path={path} alt={say('entry.codeOnDay', { code, day: formatDay(open.day) })} />
            <p>
              <Say
                it="entry.waitsDevice"
                code={code}
                b={(inside) => <b>{inside}</b>}
                day={formatDay(open.day)}
                picture={Boolean(open.picture)}
              />
            </p>
            <p className="d-flex gap-2 mb-0">
              <button type="button" className="btn" onClick={() => setOpen(null)}>
                {say('common.close')}
              </button>
              {ruler && (
                <Link className="btn" to={ruler(open.id)}>
                  {say('entry.rulerOnIt')}
                </Link>
              )}
              {onTakeBack && (
                <button type="button" className="btn btn-plain" onClick={() => (onTakeBack(open.id), setOpen(null))}>
                  {say('common.takeBack')}
                </button>
              )}
            </p>
          </Modal.Body>
        )}
      </Modal>
    </div>
  );
}

function Picture({ photo, path, small = false, alt }: { photo: ShownPhoto; path: string; small?: boolean; alt: string }) {
  const own = useObjectUrl(photo.picture);
  const source = photo.picture ? own : `/api/v1${path}/${photo.id}${small ? '/small' : ''}`;
  return source ? <img src={source} alt={alt} /> : null;
}

/** An address for a picture that is still on this device, as long as it is shown. */
function useObjectUrl(picture: Blob | null): string | null {
  const [url, setUrl] = useState<string | null>(null);
  useEffect(() => {
    if (!picture) return;
    const made = URL.createObjectURL(picture);
    setUrl(made);
    return () => URL.revokeObjectURL(made);
  }, [picture]);
  return url;
}
