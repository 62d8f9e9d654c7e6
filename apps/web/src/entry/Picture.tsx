import { useEffect, useState } from 'react';
import { type ShownPhoto } from './enteredSince';

/** A picture as the server keeps it, or as it still waits on this device. */
export function Picture({ photo, path, small = false, alt }: { photo: ShownPhoto; path: string; small?: boolean; alt: string }) {
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
