/** Reads a PDF from the standard input with another library than the one that made it, and writes what it found as JSON: a process of its own, as that library is a module. */
import { buffer } from 'node:stream/consumers';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

const document = await getDocument({ data: new Uint8Array(await buffer(process.stdin)), verbosity: 0, useSystemFonts: true }).promise;
const pages = [];
let over = -Infinity;
for (let number = 1; number <= document.numPages; number++) {
  const page = await document.getPage(number);
  const right = page.view[2];
  const { items } = await page.getTextContent();
  for (const { width, transform, str } of items) if (str.trim() !== '') over = Math.max(over, transform[4] + width - right, -transform[5]);
  pages.push(
    items
      .map(({ str }) => str)
      .join(' ')
      .replace(/\s+/g, ' '),
  );
}
process.stdout.write(JSON.stringify({ pages, over }));
