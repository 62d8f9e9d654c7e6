/** Wider or higher is not needed: the server keeps no more. */
const WIDEST = 1600;
const QUALITY = 0.85;

/**
 * A picture from the camera made small enough to wait on the device and to be sent over a school's network. What the browser
 * cannot draw is sent as it is, and the server says what it thinks of it.
 */
export async function shrinkPicture(file: Blob): Promise<Blob> {
  try {
    const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
    const scale = Math.min(1, WIDEST / Math.max(bitmap.width, bitmap.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.round(bitmap.width * scale);
    canvas.height = Math.round(bitmap.height * scale);
    canvas.getContext('2d')!.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
    bitmap.close();
    return await new Promise((done) => canvas.toBlob((small) => done(small ?? file), 'image/jpeg', QUALITY));
  } catch {
    return file;
  }
}
