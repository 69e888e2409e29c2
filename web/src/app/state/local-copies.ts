import { inject, Injectable } from '@angular/core';
import type { Job } from '@lift-bare/core';
import { readJob, readWith, Shop } from '@lift-bare/core/before-planning';
import { map, type Observable } from 'rxjs';
import { LocalStore } from './local-store';

/** A document as it stands in this browser, with what it was made from: the server's document and its version, 0 before it has any. */
export interface LocalCopy<T> {
  readonly document: T;
  readonly base: T;
  readonly version: number;
  /** ms */
  readonly at: number;
}

const JOB = 'job.';
const SHOP = 'shop';
/** Copies of jobs without anything unsaved that are kept to be opened without the server. */
const MOST_CLEAN = 30;

/** Open jobs and the shop as this browser has them, so that a reload, a crash or a lost network loses nothing. */
@Injectable({ providedIn: 'root' })
export class LocalCopies {
  private readonly store = inject(LocalStore);

  keepJob = (id: string, copy: LocalCopy<Job>): void => this.store.keep(JOB + id, copy);
  dropJob = (id: string): void => this.store.drop(JOB + id);
  /** null: none, or none that is still a job */
  job = (id: string): Observable<LocalCopy<Job> | null> => this.store.get(JOB + id).pipe(map((kept) => readCopy(kept, readJob)));

  keepShop = (copy: LocalCopy<Shop>): void => this.store.keep(SHOP, copy);
  shop = (): Observable<LocalCopy<Shop> | null> => this.store.get(SHOP).pipe(map((kept) => readCopy(kept, (document) => readWith(Shop, document))));

  /** Jobs that no server has yet; old copies without anything unsaved are given up on the way. */
  unsent(): Observable<readonly { readonly id: string; readonly document: Job }[]> {
    return this.store.all(JOB).pipe(
      map((all) => {
        const copies = all.map(([key, kept]) => ({ id: key.slice(JOB.length), copy: readCopy(kept, readJob) }));
        const clean = copies.filter(({ copy }) => copy === null || (copy.version > 0 && isClean(copy)));
        clean.sort((a, b) => (b.copy?.at ?? 0) - (a.copy?.at ?? 0));
        for (const { id } of clean.slice(MOST_CLEAN)) this.dropJob(id);
        return copies.flatMap(({ id, copy }) => (copy?.version === 0 ? [{ id, document: copy.document }] : []));
      }),
    );
  }
}

/** Nothing in it that the server has not got. */
export const isClean = <T>({ document, base }: LocalCopy<T>): boolean => JSON.stringify(document) === JSON.stringify(base);

type Read<T> = (document: unknown) => { readonly ok: true; readonly value: T } | { readonly ok: false };

function readCopy<T>(kept: unknown, read: Read<T>): LocalCopy<T> | null {
  if (typeof kept !== 'object' || kept === null || !('document' in kept) || !('base' in kept) || !('version' in kept)) return null;
  const [document, base] = [read(kept.document), read(kept.base)];
  if (!document.ok || !base.ok || typeof kept.version !== 'number') return null;
  return { document: document.value, base: base.value, version: kept.version, at: 'at' in kept && typeof kept.at === 'number' ? kept.at : 0 };
}
