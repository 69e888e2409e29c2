import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import type * as PdfMake from 'pdfmake';
import type { TDocumentDefinitions } from 'pdfmake/interfaces.js';

const require = createRequire(import.meta.url);
const fontFolder = join(dirname(require.resolve('@fontsource/archivo/package.json')), 'files');
const font = (weight: number, style: 'normal' | 'italic'): string => join(fontFolder, `archivo-latin-${weight}-${style}.woff`);

type Maker = typeof PdfMake;
let ready: Promise<Maker> | null = null;

/** The maker is loaded with the first sheet. It reads no file and no address but its fonts. */
async function load(): Promise<Maker> {
  const { default: maker } = (await import('pdfmake')) as unknown as { default: Maker };
  maker.setFonts({
    Archivo: { normal: font(400, 'normal'), bold: font(600, 'normal'), italics: font(400, 'italic'), bolditalics: font(600, 'italic') },
  });
  maker.setLocalAccessPolicy((path) => path.startsWith(fontFolder));
  maker.setUrlAccessPolicy(() => false);
  return maker;
}

/** A document as PDF. */
export async function pdfOf(document: TDocumentDefinitions): Promise<Buffer> {
  const maker = await (ready ??= load());
  return maker.createPdf({ ...document, defaultStyle: { font: 'Archivo', fontSize: 9.5, lineHeight: 1.15, ...document.defaultStyle } }).getBuffer();
}
