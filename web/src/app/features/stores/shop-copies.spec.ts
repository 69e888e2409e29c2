import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { HttpErrorResponse } from '@angular/common/http';
import { en_US, provideNzI18n } from 'ng-zorro-antd/i18n';
import { of, throwError } from 'rxjs';
import { BackupApi, type Backup } from '../../api/backup-api';
import { ShopCopies } from './shop-copies';

const copy = (name: string, why: Backup['why'] = 'asked'): Backup => ({ name, at: '2026-11-28T12:00:00.000Z', size: 3 * 1_048_576, why });

async function page(make: BackupApi['make'] = () => of(copy('new'))) {
  const copies = [copy('old', 'timed')];
  const api = {
    list: () => of([...copies]),
    make: () => make(),
    look: () => of({ jobs: [{ id: 'a', name: 'Tug', updatedAt: '' }], events: 4, files: 1 }),
    bundle: '/bundle',
    take: () => of({ made: ['Tug'], known: [], beside: [], refused: [{ path: 'jobs/x.json', reason: 'no name' }] }),
    fileOf: (name: string) => `/copies/${name}`,
  };
  TestBed.configureTestingModule({
    providers: [provideZonelessChangeDetection(), provideNzI18n(en_US), { provide: BackupApi, useValue: api }],
  });
  const fixture = TestBed.createComponent(ShopCopies);
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const press = async (text: string) => {
    [...root.querySelectorAll('button')].find((button) => button.textContent?.trim() === text)?.click();
    await fixture.whenStable();
  };
  return { root, press, copies };
}

test('copies are listed with why and how large, looked into, and taken away', async () => {
  const { root, press } = await page();
  expect(root.textContent).toContain('by the clock');
  expect(root.textContent).toContain('3.0 MB');
  expect(root.querySelector('a')?.getAttribute('href')).toBe('/copies/old');
  await press('Look into it');
  expect(root.textContent).toContain('1 job: Tug. 1 file, 4 taps of the bench.');
  await press('Look into it');
  expect(root.textContent).not.toContain('1 job: Tug');
});

test('a copy is made at a press; a disk that is full says what to do', async () => {
  const { root, press } = await page();
  await press('Back up now');
  expect(root.querySelector('[role=status]')?.textContent).toContain('The copy is made.');
  TestBed.resetTestingModule();
  const full = await page(() => throwError(() => new HttpErrorResponse({ status: 507, error: { detail: 'The disk of the server is full.' } })));
  await full.press('Back up now');
  expect(full.root.querySelector('[role=status]')?.textContent).toContain('The disk of the server is full.');
});

test('jobs of a ZIP are taken in, and what became of each is told', async () => {
  const { root } = await page();
  const input = root.querySelector<HTMLInputElement>('input[type=file]');
  Object.defineProperty(input, 'files', { configurable: true, value: [new Blob(['zip'])] });
  input?.dispatchEvent(new Event('change'));
  await new Promise((done) => setTimeout(done, 20));
  expect(root.querySelector('[role=status]')?.textContent).toContain('Added: Tug. Not taken: jobs/x.json (no name).');
});
