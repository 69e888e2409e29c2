/** px of the longer side; enough to read a number plate off an order sheet. */
const LONGEST = 1600;
const QUALITY = 0.82;

/** A picture as JPEG of moderate size, turned as it was held. @throws where the browser cannot read it */
export async function shrink(picture: Blob): Promise<Blob> {
  const canvas = await drawn(picture, LONGEST);
  return canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
}

/** A picture on a canvas with its longer side at most so many px. @throws where the browser cannot read it */
export async function drawn(picture: Blob, longest: number): Promise<OffscreenCanvas> {
  const bitmap = await createImageBitmap(picture, { imageOrientation: 'from-image' });
  const scale = Math.min(1, longest / Math.max(bitmap.width, bitmap.height));
  const canvas = new OffscreenCanvas(Math.max(1, Math.round(bitmap.width * scale)), Math.max(1, Math.round(bitmap.height * scale)));
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return canvas;
}
