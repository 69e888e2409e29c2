import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { JobContext } from '../state/job-context';
import { WaysOut } from './ways-out';

function links(code: string): [string, string | null][] {
  TestBed.configureTestingModule({
    providers: [provideZonelessChangeDetection(), provideRouter([]), { provide: JobContext, useValue: { jobId: signal('tug') } }],
  });
  const fixture = TestBed.createComponent(WaysOut);
  fixture.componentRef.setInput('code', code);
  fixture.detectChanges();
  return [...(fixture.nativeElement as HTMLElement).querySelectorAll('a')].map((a) => [a.textContent?.trim() ?? '', a.getAttribute('href')]);
}

test('a coat that needs supplied air: the kit, another way or product, or a firm', () =>
  expect(links('no-supplied-air')).toEqual([
    ['Kit of the shop', '/shop/figures'],
    ['Another way off', '/jobs/tug/way-off'],
    ['Another product or finish', '/jobs/tug/build'],
    ['A firm that does it', '/shop/contractors'],
  ]));

test('a shut gate leads to the air of the place', () => expect(links('cold-gate')[0]?.[1]).toBe('/jobs/tug/intake'));

test('what is settled where it is shown leads nowhere', () => expect(links('area-missing')).toEqual([]));
