import { say } from '@bright-sprout/words/say';
import { type ReactNode, useRef } from 'react';

/** A button that opens the camera of the device, or its files. */
export function FileButton({
  className,
  capture = false,
  onFile,
  children,
}: {
  className: string;
  capture?: boolean;
  onFile: (file: File | undefined) => void;
  children: ReactNode;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button type="button" className={className} onClick={() => input.current?.click()}>
        {children}
      </button>
      <input
        ref={input}
        type="file"
        accept="image/*"
        {...(capture ? { capture: 'environment' as const } : {})}
        hidden
        aria-label={capture ? say('pictures.takePicture') : say('pictures.pictureFile')}
        onChange={(e) => {
          onFile(e.target.files?.[0]);
          e.target.value = '';
        }}
      />
    </>
  );
}
