import { readJob, readWith, Shop, StoredEvent, type Job } from '@lift-bare/core';
import { strFromU8, unzipSync, type Unzipped } from 'fflate';
import { JobId } from '../api/schemas.ts';
import { InvalidDocument } from '../problems/problem.ts';
import { LARGEST_FILE } from '../store/file-kind.ts';
import { parsed } from '../store/parsed.ts';
import { BUNDLE_FORMAT } from './write-bundle.ts';

export interface Bundle {
  readonly shop: Shop | null;
  readonly jobs: readonly {
    readonly id: string;
    readonly document: Job;
    readonly files: readonly BundleFile[];
    readonly events: readonly StoredEvent[];
  }[];
  readonly refused: readonly { readonly path: string; readonly reason: string }[];
}

export interface BundleFile {
  readonly id: string;
  readonly name: string;
  readonly bytes: Uint8Array;
}

/** Unpacked bytes at the most, and files: a small file may unpack to any size. */
const MOST_BYTES = 1024 ** 3;
const MOST_ENTRIES = 20_000;

/** What is in a bundle; what in it cannot be used is named and left out. @throws InvalidDocument where it is none, or too large */
export function readBundle(bytes: Uint8Array): Bundle {
  const all = unpacked(bytes);
  const head = contentOf(all, 'lift-bare.json');
  if (typeof head !== 'object' || head === null || !('format' in head) || head.format !== BUNDLE_FORMAT)
    throw notOne('it says of itself that it is something else');
  const refused: { path: string; reason: string }[] = [];
  const jobs = Object.keys(all).flatMap((path) => {
    const id = /^jobs\/([^/]+)\.json$/.exec(path)?.[1];
    if (id === undefined) return [];
    const read = readJob(contentOf(all, path));
    if (read.ok && JobId.safeParse(id).success) return [{ id, document: read.value, files: filesOf(all, id), events: eventsOf(all, id) }];
    refused.push({
      path,
      reason: read.ok
        ? 'its name is no id of a job'
        : read.issues
            .slice(0, 3)
            .map(({ path: at, reason }) => `${at.join('.')}: ${reason}`)
            .join('; '),
    });
    return [];
  });
  const shop = 'shop.json' in all ? readWith(Shop, contentOf(all, 'shop.json')) : null;
  if (shop?.ok === false) refused.push({ path: 'shop.json', reason: shop.issues[0]?.reason ?? '' });
  return { shop: shop?.ok ? shop.value : null, jobs, refused };
}

function unpacked(bytes: Uint8Array): Unzipped {
  let [sum, count] = [0, 0];
  try {
    return unzipSync(bytes, {
      filter: ({ originalSize }) => {
        sum += originalSize;
        count += 1;
        if (sum > MOST_BYTES || count > MOST_ENTRIES) throw notOne('it unpacks to more than 1 GB, or to more than 20 000 files');
        return originalSize <= LARGEST_FILE;
      },
    });
  } catch (error) {
    throw error instanceof InvalidDocument ? error : notOne('it is no ZIP file, or is damaged');
  }
}

const notOne = (why: string): InvalidDocument => new InvalidDocument([{ path: ['body'], reason: `this is no bundle of Lift Bare: ${why}` }]);

const contentOf = (all: Unzipped, path: string): unknown => {
  const bytes = Object.hasOwn(all, path) ? all[path] : undefined;
  return bytes && parsed(strFromU8(bytes));
};

/** What was said of a job; what is no such event is left out. */
function eventsOf(all: Unzipped, job: string): StoredEvent[] {
  const content = contentOf(all, `events/${job}.json`);
  return Array.isArray(content) ? content.flatMap((entry) => StoredEvent.safeParse(entry).data ?? []) : [];
}

const filesOf = (all: Unzipped, job: string): BundleFile[] =>
  Object.entries(all).flatMap(([path, bytes]): BundleFile[] => {
    const [folder, own, id, name] = path.split('/');
    return folder === 'files' && own === job && id !== undefined && name !== undefined && JobId.safeParse(id).success ? [{ id, name, bytes }] : [];
  });
