import { HttpErrorResponse } from '@angular/common/http';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { defer, of, throwError } from 'rxjs';
import { FilesApi } from '../api/files-api';
import { Toasts } from '../ui/toast.service';
import { LocalStore } from './local-store';
import { PhotoQueue, type TakenPhoto } from './photo-queue';

const photo = (file: string, job = 'tug'): TakenPhoto => ({ job, file, name: 'before.jpg', bytes: new Blob([file]) });

describe('photos on their way', () => {
  const sent: string[] = [];
  const told: string[] = [];
  /** what the server answers for a file; 201 where nothing is said */
  let answers: Record<string, number> = {};
  const api = {
    put: (_job: string, file: string) =>
      defer(() => {
        sent.push(file);
        const status = answers[file] ?? 201;
        return status === 201 ? of({}) : throwError(() => new HttpErrorResponse({ status, error: { detail: 'no picture' } }));
      }),
  };
  const queue = () => TestBed.inject(PhotoQueue);
  const kept = () => {
    let keys: string[] = [];
    TestBed.inject(LocalStore)
      .all('photo.')
      .subscribe((all) => (keys = all.map(([key]) => key)));
    return keys;
  };
  const later = (ms: number) => jest.advanceTimersByTimeAsync(ms);

  beforeEach(() => {
    jest.useFakeTimers();
    [sent.length, told.length, answers] = [0, 0, {}];
    Object.assign(URL, { createObjectURL: () => 'blob:here', revokeObjectURL: () => undefined });
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        { provide: FilesApi, useValue: api },
        { provide: Toasts, useValue: { say: (text: string) => told.push(text) } },
      ],
    });
  });
  afterEach(() => jest.useRealTimers());

  test('one that the server has is no longer kept here, and is shown from there', async () => {
    queue().add(photo('a'));
    expect(queue().addressOf('tug', 'a')).toBe('blob:here');
    await later(0);
    expect([sent, kept(), queue().waiting()]).toEqual([['a'], [], []]);
    expect(queue().addressOf('tug', 'a')).toBe('/api/v1/jobs/tug/files/a');
  });

  test('without the server they wait, in their order, and go when it is back', async () => {
    answers = { a: 0 };
    queue().add(photo('a'));
    queue().add(photo('b'));
    await later(100);
    expect([sent, kept()]).toEqual([['a'], ['photo.a', 'photo.b']]);
    answers = {};
    await later(5000);
    expect([sent, kept()]).toEqual([['a', 'a', 'b'], []]);
  });

  test('what the server will not have is told and given up; a job that it has not got yet holds up no other', async () => {
    answers = { a: 422, b: 404 };
    for (const file of ['a', 'b', 'c']) queue().add(photo(file));
    await later(100);
    await later(5000);
    expect([told, kept()]).toEqual([['A photo was not kept: no picture.'], ['photo.b']]);
    answers = {};
    await later(60_000);
    expect(kept()).toEqual([]);
  });

  test('what an earlier page has left is taken up, what is none is not', async () => {
    TestBed.inject(LocalStore).keep('photo.old', photo('old'));
    TestBed.inject(LocalStore).keep('photo.odd', { job: 'tug' });
    queue().start();
    await later(0);
    expect(sent).toEqual(['old']);
  });
});
