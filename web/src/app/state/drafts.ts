import { Injectable } from '@angular/core';
import { readJob, type Job } from '@lift-bare/core';

const KEY = 'lift-bare.draft.';

/** What has been typed and not yet reached the server, kept in this browser so that a reload or crash loses nothing. */
@Injectable({ providedIn: 'root' })
export class Drafts {
  keep(id: string, document: Job): void {
    try {
      localStorage.setItem(KEY + id, JSON.stringify(document));
    } catch {
      // A full or forbidden store only takes this second safety away; the server still gets the document.
    }
  }

  drop(id: string): void {
    localStorage.removeItem(KEY + id);
  }

  /** The draft when there is one that still reads as a job. */
  find(id: string): Job | null {
    const text = localStorage.getItem(KEY + id);
    if (text === null) return null;
    try {
      const read = readJob(JSON.parse(text));
      return read.ok ? read.value : null;
    } catch {
      return null;
    }
  }
}
