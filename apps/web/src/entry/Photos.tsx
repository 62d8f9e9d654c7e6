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
    <div className="photos" role="group" aria-label={`Pictures of ${code}`}>
      {photos.map((p) => (
        <button key={p.id} type="button" className="photo" onClick={() => setOpen(p)}>
          <Picture photo={p} path={path} small alt={`${code} on ${formatDay(p.day)}`} />
        </button>
      ))}
      <Modal show={open !== null} onHide={() => setOpen(null)} centered size="lg" aria-label={`Picture of ${code}`}>
        {open && (
          <Modal.Body className="photo-whole">
            <Picture photo={open} path={path} alt={`${code} on ${formatDay(open.day)}`} />
            <p>
              <b>{code}</b> on {formatDay(open.day)}
              {open.picture && ', waits on this device'}
            </p>
            <p className="d-flex gap-2 mb-0">
              <button type="button" className="btn" onClick={() => setOpen(null)}>
                Close
              </button>
              {ruler && (
                <Link className="btn" to={ruler(open.id)}>
                  Ruler on it
                </Link>
              )}
              {onTakeBack && (
                <button type="button" className="btn btn-plain" onClick={() => (onTakeBack(open.id), setOpen(null))}>
                  Take it back
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
