import { BinaryBitmap, DecodeHintType, HybridBinarizer, MultiFormatReader, RGBLuminanceSource } from '@zxing/library';
import { drawn } from './shrink';

/** px of the longer side: fine bars of a label that fills a third of the picture still are two px wide. */
const LONGEST = 1400;

/** Text of the bar code or square code in a picture; null: there is none that can be read. @throws where the browser cannot read the picture */
export async function readCode(picture: Blob): Promise<string | null> {
  const canvas = await drawn(picture, LONGEST);
  const { data, width, height } = canvas.getContext('2d')?.getImageData(0, 0, canvas.width, canvas.height) ?? {};
  if (!data || !width || !height) return null;
  const reader = new MultiFormatReader();
  try {
    const source = new RGBLuminanceSource(greyOf(data), width, height);
    return reader.decode(new BinaryBitmap(new HybridBinarizer(source)), new Map([[DecodeHintType.TRY_HARDER, true]])).getText();
  } catch {
    return null;
  }
}

/** Brightness of each px by Rec. 601. */
function greyOf(rgba: Uint8ClampedArray): Uint8ClampedArray {
  const grey = new Uint8ClampedArray(rgba.length / 4);
  for (let i = 0, at = 0; i < grey.length; i++, at += 4)
    grey[i] = 0.299 * (rgba[at] ?? 0) + 0.587 * (rgba[at + 1] ?? 0) + 0.114 * (rgba[at + 2] ?? 0);
  return grey;
}
