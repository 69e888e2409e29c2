import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { Job, Shop } from '@lift-bare/core';
import type { Observable } from 'rxjs';
import { Who } from '../state/who';

export interface StoredJob {
  readonly id: string;
  readonly version: number;
  readonly createdAt: string;
  readonly updatedAt: string;
  readonly document: Job;
}

export interface JobSummary {
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly description: string;
  readonly itemKind: string;
  readonly archived: boolean;
  readonly updatedAt: string;
  readonly deletedAt: string | null;
  /** of its plan; null while it is not reckoned */
  readonly figures: {
    readonly zones: number;
    readonly questions: number;
    readonly stops: number;
    readonly hand: number;
    readonly cost: number;
    /** at its decisions */
    readonly notes: number;
  } | null;
  /** why it cannot be read or planned */
  readonly fault: string | null;
}

export interface OldVersion {
  readonly version: number;
  readonly at: string;
  /** who saved it; empty: nobody said */
  readonly by: string;
  /** of the version before it, in words */
  readonly changes: string;
  /** as it is now */
  readonly current: boolean;
}

export type Shelf = 'open' | 'archive' | 'bin';

export interface JobQuery {
  readonly search: string;
  readonly shelf: Shelf;
  /** from 1 */
  readonly page: number;
}

export interface JobList {
  readonly jobs: readonly JobSummary[];
  /** that the search finds on each shelf */
  readonly counts: Readonly<Record<Shelf, number>>;
}

/** Jobs of a page of the list. */
export const PAGE = 50;

export interface StoredShop {
  readonly version: number;
  readonly document: Shop;
}

/** The server's resources. Errors pass through as HttpErrorResponse with a problem document. */
@Injectable({ providedIn: 'root' })
export class Api {
  private readonly http = inject(HttpClient);
  private readonly who = inject(Who);

  listJobs = ({ search, shelf, page }: JobQuery = { search: '', shelf: 'open', page: 1 }): Observable<JobList> =>
    this.http.get<JobList>('/api/v1/jobs', { params: { q: search, shelf, page, size: PAGE } });
  rawJob = (id: string): Observable<{ readonly document: string }> => this.http.get<{ document: string }>(`/api/v1/jobs/${id}/raw`);
  getJob = (id: string): Observable<StoredJob> => this.http.get<StoredJob>(`/api/v1/jobs/${id}`);
  createJob = (id: string, document: Job): Observable<StoredJob> =>
    this.http.post<StoredJob>('/api/v1/jobs', { id, document }, { headers: this.who.header() });
  saveJob = (id: string, version: number, document: Job): Observable<StoredJob> =>
    this.http.put<StoredJob>(`/api/v1/jobs/${id}`, { version, document }, { headers: this.who.header() });
  /** what it is and was, newest first */
  versions = (id: string): Observable<readonly OldVersion[]> => this.http.get<OldVersion[]>(`/api/v1/jobs/${id}/versions`);
  version = (id: string, version: number): Observable<Job> => this.http.get<Job>(`/api/v1/jobs/${id}/versions/${version}`);
  deleteJob = (id: string): Observable<void> => this.http.delete<void>(`/api/v1/jobs/${id}`);
  restoreJob = (id: string): Observable<StoredJob> => this.http.post<StoredJob>(`/api/v1/jobs/${id}/restore`, {});
  getShop = (): Observable<StoredShop> => this.http.get<StoredShop>('/api/v1/shop');
  saveShop = (version: number, document: Shop): Observable<StoredShop> => this.http.put<StoredShop>('/api/v1/shop', { version, document });
}
