import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { json } from 'node:stream/consumers';

/** A PDF as another library reads it. */
export interface ReadPdf {
  /** text of each page */
  readonly pages: readonly string[];
  /** what its square codes say, in their order */
  readonly codes: readonly string[];
  /** pt beyond the right edge or the foot of its page at which a text ends, at the worst; negative: all lies within */
  readonly over: number;
  /** its fonts are in it, and no other is named */
  readonly embedded: boolean;
}

export async function readPdf(bytes: Buffer): Promise<ReadPdf> {
  const reader = spawn(process.execPath, [join(__dirname, 'read-pdf.mjs')], { stdio: ['pipe', 'pipe', 'inherit'] });
  reader.stdin.end(bytes);
  const read = (await json(reader.stdout)) as Pick<ReadPdf, 'pages' | 'codes' | 'over'>;
  const raw = bytes.toString('latin1');
  const fonts = [...raw.matchAll(/\/BaseFont \/([^\s/]+)/g)].map(([, name]) => name ?? '');
  return { ...read, embedded: fonts.length > 0 && /\/FontFile[23]?\b/.test(raw) && fonts.every((name) => name.includes('Archivo')) };
}
