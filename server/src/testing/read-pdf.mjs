/** Reads a PDF from the standard input with another library than the one that made it, and writes what it found as JSON: a process of its own, as that library is a module. */
import { buffer } from 'node:stream/consumers';
import zxing from '@zxing/library';
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';

const document = await getDocument({ data: new Uint8Array(await buffer(process.stdin)), verbosity: 0, useSystemFonts: true }).promise;
const pages = [];
const codes = [];
let over = -Infinity;
for (let number = 1; number <= document.numPages; number++) {
  const page = await document.getPage(number);
  const right = page.view[2];
  codes.push(...(await squaresOn(page)).map(readSquare));
  const { items } = await page.getTextContent();
  for (const { width, transform, str } of items) if (str.trim() !== '') over = Math.max(over, transform[4] + width - right, -transform[5]);
  pages.push(
    items
      .map(({ str }) => str)
      .join(' ')
      .replace(/\s+/g, ' '),
  );
}
process.stdout.write(JSON.stringify({ pages, codes, over }));

/** Square codes of a page as they are drawn: a ground of at least so many pt, and on it the small squares that are dark. */
async function squaresOn(page) {
  const LEAST = 30;
  const { fnArray, argsArray } = await page.getOperatorList();
  const found = [];
  fnArray.forEach((does, i) => {
    if (does !== OPS.constructPath || argsArray[i][0][0] !== OPS.rectangle) return;
    const [x, y, width, height] = argsArray[i][1];
    if (Math.abs(width - height) > 0.01) return;
    const ground = found.at(-1);
    if (width >= LEAST) found.push({ x, y, side: width, dark: [] });
    else if (ground && x >= ground.x - 0.01 && y >= ground.y - 0.01 && x < ground.x + ground.side && y < ground.y + ground.side)
      ground.dark.push({ x: x - ground.x, y: y - ground.y, side: width });
  });
  return found.filter(({ dark }) => dark.length > 0);
}

/** Its text, as a reader of such codes has it; each dark square is one dot of the code, drawn as so many whole pixels, so that nothing is to be searched for. */
function readSquare({ side, dark }) {
  const [PIXELS, QUIET] = [6, 24];
  const dot = dark[0].side;
  const size = Math.ceil(side / dot) * PIXELS + 2 * QUIET;
  const grey = new Uint8ClampedArray(size * size).fill(255);
  for (const square of dark) {
    const [left, top] = [square.x, square.y].map((from) => Math.round(from / dot) * PIXELS + QUIET);
    for (let row = top; row < top + PIXELS; row++) grey.fill(0, row * size + left, row * size + left + PIXELS);
  }
  const picture = new zxing.BinaryBitmap(new zxing.HybridBinarizer(new zxing.RGBLuminanceSource(grey, size, size)));
  return new zxing.QRCodeReader().decode(picture, new Map([[zxing.DecodeHintType.PURE_BARCODE, true]])).getText();
}
