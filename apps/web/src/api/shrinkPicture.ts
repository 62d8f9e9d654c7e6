/** Wider or higher is not needed: the server keeps no more. */
const WIDEST = 1600;
const QUALITY = 0.85;

/**
 * A picture from the camera made small enough to wait on the device and to be sent over a school's network, drawn anew without place,
 * device and time. Null where the browser cannot draw it: nothing is sent that has not been drawn anew.
 */
export async function shrinkPicture(file: Blob): Promise<Blob | null> {
  try {
    const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
    const scale = Math.min(1, WIDEST / Math.max(bitmap.width, bitmap.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.round(bitmap.width * scale);
    canvas.height = Math.round(bitmap.height * scale);
    canvas.getContext('2d')!.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
    bitmap.close();
    return await new Promise((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));
  } catch {
    return null;
  }
}
