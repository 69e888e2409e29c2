/** px of the longer side; enough to read a number plate off an order sheet. */
const LONGEST = 1600;
const QUALITY = 0.82;

/** A picture as JPEG of moderate size, turned as it was held; null when the browser cannot read it. */
export async function shrinkPhoto(file: Blob): Promise<Blob | null> {
  try {
    const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
    const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.round(picture.width * scale));
    canvas.height = Math.max(1, Math.round(picture.height * scale));
    canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
    picture.close();
    return await new Promise((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));
  } catch {
    return null;
  }
}
