import { strToU8, Zip, ZipDeflate, ZipPassThrough } from 'fflate';

export const BUNDLE_FORMAT = 'lift-bare.bundle/1';

/** What goes into a bundle, one file after the other. */
export interface Entry {
  readonly path: string;
  readonly content: string | Uint8Array;
}

/** A ZIP file piece by piece, so that nothing of it has to stand in memory at once. @param send takes a piece */
export async function writeBundle(made: Date, entries: AsyncIterable<Entry>, send: (piece: Uint8Array) => void): Promise<void> {
  const zip = new Zip((error, piece) => {
    if (error) throw error;
    send(piece);
  });
  add({ path: 'lift-bare.json', content: JSON.stringify({ format: BUNDLE_FORMAT, made: made.toISOString() }, null, 2) });
  for await (const entry of entries) add(entry);
  zip.end();

  function add({ path, content }: Entry): void {
    // Photos and meshes are packed already, or hardly get smaller.
    const file = typeof content === 'string' ? new ZipDeflate(path, { level: 6 }) : new ZipPassThrough(path);
    file.mtime = made;
    zip.add(file);
    file.push(typeof content === 'string' ? strToU8(content) : content, true);
  }
}
