import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { Observable } from 'rxjs';

export interface StoredFile {
  readonly id: string;
  readonly name: string;
  readonly type: string;
  readonly size: number;
}

/** Where the bytes of a file are. */
export const fileAddress = (jobId: string, file: string): string => `/api/v1/jobs/${jobId}/files/${file}`;

/** Photos and mesh files kept beside a job. */
@Injectable({ providedIn: 'root' })
export class FilesApi {
  private readonly http = inject(HttpClient);

  put = (jobId: string, id: string, name: string, bytes: Blob): Observable<StoredFile> =>
    this.http.put<StoredFile>(fileAddress(jobId, id), bytes, { params: { name }, headers: { 'Content-Type': 'application/octet-stream' } });
  get = (jobId: string, id: string): Observable<ArrayBuffer> => this.http.get(fileAddress(jobId, id), { responseType: 'arraybuffer' });
}
