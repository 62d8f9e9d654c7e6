/** Kinds of video that are asked for, the best known first. */
const KINDS = ['video/mp4;codecs=avc1', 'video/webm;codecs=vp9', 'video/webm;codecs=vp8', 'video/webm'];

const kindHere = (): string | undefined =>
  typeof MediaRecorder === 'undefined' ? undefined : KINDS.find((k) => MediaRecorder.isTypeSupported(k));

export const canRecordVideo = (): boolean => kindHere() !== undefined;

/**
 * Plays pictures into a video file, in the time that they take; null where it was stopped.
 * @param perSecond pictures a second
 */
export async function recordVideo(
  bitmaps: readonly ImageBitmap[],
  perSecond: number,
  howFar: (share: number) => void,
  signal: AbortSignal,
): Promise<Blob | null> {
  const [first] = bitmaps;
  const type = kindHere();
  if (!first || !type) return null;
  const canvas = document.createElement('canvas');
  // Encoders want even sizes.
  canvas.width = first.width - (first.width % 2);
  canvas.height = first.height - (first.height % 2);
  const pen = canvas.getContext('2d')!;
  const recorder = new MediaRecorder(canvas.captureStream(30), { mimeType: type, videoBitsPerSecond: 2_500_000 });
  const parts: Blob[] = [];
  recorder.ondataavailable = ({ data }) => data.size > 0 && parts.push(data);
  const ended = new Promise((done) => (recorder.onstop = done));
  recorder.start();
  for (const [i, bitmap] of bitmaps.entries()) {
    if (signal.aborted) break;
    pen.drawImage(bitmap, 0, 0);
    howFar((i + 1) / bitmaps.length);
    await new Promise((next) => setTimeout(next, 1000 / perSecond));
  }
  recorder.stop();
  await ended;
  return signal.aborted ? null : new Blob(parts, { type: type.split(';')[0] });
}
