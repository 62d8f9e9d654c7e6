import { useEffect, useRef, useState } from 'react';

export type CameraState = 'asking' | 'on' | 'none' | 'refused';

/** The camera at the back of the device, in the page; a browser gives it only to pages that came safely (HTTPS, or this machine). */
export function useCamera(wanted: boolean) {
  const video = useRef<HTMLVideoElement>(null);
  const [state, setState] = useState<CameraState>('asking');
  useEffect(() => {
    if (!wanted) return;
    const devices = navigator.mediaDevices as MediaDevices | undefined;
    if (!devices?.getUserMedia) return setState('none');
    let stream: MediaStream | null = null;
    let left = false;
    setState('asking');
    devices
      .getUserMedia({ video: { facingMode: 'environment', width: { ideal: 1920 } }, audio: false })
      .then(async (given) => {
        if (left) return given.getTracks().forEach((t) => t.stop());
        stream = given;
        if (video.current) {
          video.current.srcObject = given;
          await video.current.play();
        }
        setState('on');
      })
      .catch((error: unknown) => !left && setState((error as DOMException).name === 'NotAllowedError' ? 'refused' : 'none'));
    return () => {
      left = true;
      stream?.getTracks().forEach((t) => t.stop());
    };
  }, [wanted]);
  return { video, state };
}
