import { say } from '@bright-sprout/words/say';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { Modal } from 'react-bootstrap';
import { Link } from 'react-router';
import { Say } from '../words/Say';
import { type ShownPhoto } from './enteredSince';
import { Picture } from './Picture';

export interface WholePhotoProps {
  photo: ShownPhoto;
  /** What is in the picture: the code of the container. */
  code: string;
  /** Where pictures are asked for: `/bench/photos` for a team, `/photos` for the teacher. */
  path: '/bench/photos' | '/photos';
  /** Where one is measured on, by its id; left out where that is not done. */
  ruler?: (id: string) => string;
  /** Null where nobody may take one back. */
  onTakeBack: ((id: string) => void) | null;
  onClose: () => void;
}

/** A picture whole, with what can be done with it. */
export function WholePhoto({ photo, code, path, ruler, onTakeBack, onClose }: WholePhotoProps) {
  const day = formatDay(photo.day);
  return (
    <Modal show onHide={onClose} centered size="lg" aria-label={say('entry.pictureOf', { code })}>
      <Modal.Body className="photo-whole">
        <Picture photo={photo} path={path} alt={say('entry.codeOnDay', { code, day })} />
        <p>
          <Say it="entry.waitsDevice" code={code} b={(inside) => <b>{inside}</b>} day={day} picture={Boolean(photo.picture)} />
        </p>
        <p className="d-flex gap-2 mb-0">
          <button type="button" className="btn" onClick={onClose}>
            {say('common.close')}
          </button>
          {ruler && (
            <Link className="btn" to={ruler(photo.id)}>
              {say('entry.rulerOnIt')}
            </Link>
          )}
          {onTakeBack && (
            <button type="button" className="btn btn-plain" onClick={() => (onTakeBack(photo.id), onClose())}>
              {say('common.takeBack')}
            </button>
          )}
        </p>
      </Modal.Body>
    </Modal>
  );
}
