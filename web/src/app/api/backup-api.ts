import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { Observable } from 'rxjs';

export interface Backup {
  readonly name: string;
  readonly at: string;
  /** bytes */
  readonly size: number;
  readonly why: 'timed' | 'asked' | 'migration' | 'restore';
}

export interface BackupContent {
  readonly jobs: readonly { readonly id: string; readonly name: string; readonly updatedAt: string }[];
  readonly events: number;
  readonly files: number;
}

/** What became of a bundle. */
export interface Taken {
  readonly made: readonly string[];
  readonly known: readonly string[];
  readonly beside: readonly string[];
  readonly refused: readonly { readonly path: string; readonly reason: string }[];
}

const COPIES = '/api/v1/backups';

/** Copies of the whole shop on the server. */
@Injectable({ providedIn: 'root' })
export class BackupApi {
  private readonly http = inject(HttpClient);

  list = (): Observable<readonly Backup[]> => this.http.get<Backup[]>(COPIES);
  make = (): Observable<Backup> => this.http.post<Backup>(COPIES, {});
  look = (name: string): Observable<BackupContent> => this.http.get<BackupContent>(`${COPIES}/${name}`);
  goBackTo = (name: string): Observable<{ readonly before: Backup }> => this.http.post<{ before: Backup }>(`${COPIES}/${name}/restore`, {});
  /** the whole shop, or a job with its files, in open formats */
  readonly bundle = '/api/v1/bundle';
  /** the log of the bench, and what the probe has read, as tables */
  readonly log = '/api/v1/log.csv';
  readonly readings = '/api/v1/readings.csv';
  takeReadings = (file: Blob): Observable<{ readonly taken: number }> =>
    this.http.post<{ taken: number }>(this.readings, file, { headers: { 'Content-Type': 'text/csv' } });
  take = (file: Blob): Observable<Taken> => this.http.post<Taken>(this.bundle, file, { headers: { 'Content-Type': 'application/zip' } });
  fileOf = (name: string): string => `${COPIES}/${name}/file`;
}
