import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { foldTimer, tileOf, type BenchEvent, type Issued, type SectionTimer, type Tap, type Tile } from '@lift-bare/core';
import { Units } from '../../ui/units.service';
import { BenchTile } from './bench-tile';
import { atTimeOfDay } from './time-of-day';
import { TileTimes, type Correction } from './tile-times';
import { stopwatch, thinOut, tileLine, titleOf } from './tile-words';

const START = new Date(2026, 10, 25, 9, 0, 0).getTime();
const MINUTE = 60_000;
const issued = {
  job: 'j',
  jobName: 'Tug',
  zone: 'z',
  partName: 'Bonnet',
  zoneName: 'Top',
  section: 'A',
  sections: 2,
  area: 0.4,
  stripper: 'chem.fast-solvent',
  stripperName: 'Fast solvent gel',
  rinseEachRound: true,
  dries: true,
  laid: 2.5,
  covered: false,
  broken: false,
  brushed: false,
  level: true,
  indoors: true,
  temperature: 20,
  pace: 1,
  life: 25,
  rounds: [
    { effective: { first: 4, likely: 8, late: 16 }, lifts: 'clear', films: [{ coating: 'clear-2k', thickness: 40, state: 'sound' }], times: [8] },
    {
      effective: { first: 4, likely: 8, late: 16 },
      lifts: 'enamel',
      films: [{ coating: 'alkyd-enamel', thickness: 40, state: 'sound' }],
      times: [8],
    },
  ],
  wear: [],
  cautions: [],
} as unknown as Issued;
const event = (id: string, kind: BenchEvent['kind'], minutes: number): BenchEvent => ({
  id,
  timer: 't',
  kind,
  at: new Date(START + minutes * MINUTE).toISOString(),
  by: 'me',
  target: null,
  note: '',
  issued: kind === 'issued' ? issued : null,
});
const timer = (...events: BenchEvent[]) => foldTimer([event('i', 'issued', -1), ...events]) as SectionTimer;
const tile = (minutes: number, ...events: BenchEvent[]): Tile => tileOf(timer(...events), START + minutes * MINUTE, []);

test('the stopwatch', () => expect([0, 4.0833, 73.34, 99.99, 135].map(stopwatch)).toEqual(['0:00', '4:04', '73:20', '99:59', '2 h 15']));

test.each<[string, Tile, RegExp]>([
  ['waiting', tile(0), /^2\.5 mm thick, one direction, do not go back/],
  ['working', tile(3, event('a', 'laid-on', 0)), /^first check in 1:00, dries out 25:00/],
  ['check now', tile(5, event('a', 'laid-on', 0)), /^scrape about 8:00, dries out/],
  ['late', tile(17, event('a', 'laid-on', 0)), /^should have lifted by 16:00/],
  ['scrape', tile(9, event('a', 'laid-on', 0), event('b', 'blistered', 8)), /^scrape before 25:00/],
  ['dried', tile(40, event('a', 'laid-on', 0)), /^dry since 25:00: wet it/],
  ['rinse', tile(12, event('a', 'laid-on', 0), event('b', 'scraped', 10)), /then the next round/],
])('what comes next: %s', (state, shown, line) => {
  expect(shown.state).toBe(state);
  expect(tileLine(shown, '2.5 mm')).toMatch(line);
});

test('the title of the window names what rings, the first of several', () => {
  const dried = tile(40, event('a', 'laid-on', 0));
  expect(titleOf([dried, tile(5, event('a', 'laid-on', 0))])).toBe('DRIED OUT: A Bonnet and 1 more');
  expect(titleOf([tile(0)])).toBeNull();
});

test('readings are thinned to one each few minutes, the newest stays', () => {
  const every = Array.from({ length: 11 }, (_, i) => ({ at: new Date(START + i * MINUTE).toISOString() }));
  expect(thinOut(every, 3 * MINUTE).map(({ at }) => (Date.parse(at) - START) / MINUTE)).toEqual([0, 3, 6, 9, 10]);
});

test('a time of day is the moment nearest to the tap, also over midnight', () => {
  const midnight = new Date(2026, 10, 25, 0, 5).getTime();
  expect(new Date(atTimeOfDay('23:58', midnight)).getDate()).toBe(24);
  expect(atTimeOfDay('09:00:30', START)).toBe(START + 30_000);
  expect(['090030', '09.00.30', '9 00 30'].map((text) => atTimeOfDay(text, START))).toEqual(Array(3).fill(START + 30_000));
  expect(['noon', '', '25:00', '09:61', '9', '09:00:30 pm'].map((text) => atTimeOfDay(text, START))).toEqual(Array(6).fill(Number.NaN));
});

const providers = [
  provideZonelessChangeDetection(),
  provideRouter([]),
  { provide: Units, useValue: { show: (value: number, dimension: string) => `${value} ${dimension}` } },
];

test('a tile says section, state and time, and offers the next taps, the likelier one first', async () => {
  TestBed.configureTestingModule({ providers });
  const fixture = TestBed.createComponent(BenchTile);
  fixture.componentRef.setInput('tile', tile(5, event('a', 'laid-on', 0)));
  const tapped: Tap[] = [];
  fixture.componentInstance.tapped.subscribe((tap) => tapped.push(tap));
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  expect(root.querySelector('h2')?.textContent).toContain('A: check now');
  expect(root.querySelector('[role=timer]')?.textContent).toBe('5:00');
  const taps = [...root.querySelectorAll<HTMLButtonElement>('.taps button')];
  expect(taps.map(({ textContent }) => textContent)).toEqual(['Blistered', 'Scraped']);
  taps[0]?.click();
  expect(tapped).toEqual(['blistered']);
});

test('a time that cannot be is refused at its line; a good one goes out as a correction', async () => {
  TestBed.configureTestingModule({ providers });
  const fixture = TestBed.createComponent(TileTimes);
  fixture.componentRef.setInput('timer', timer(event('a', 'laid-on', 0), event('b', 'blistered', 6)));
  fixture.componentRef.setInput('now', START + 10 * MINUTE);
  const out: Correction[] = [];
  fixture.componentInstance.corrected.subscribe((correction) => out.push(correction));
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const type = async (i: number, text: string) => {
    const input = root.querySelectorAll<HTMLInputElement>('li input')[i] as HTMLInputElement;
    input.value = text;
    input.dispatchEvent(new Event('change'));
    await fixture.whenStable();
  };
  await type(1, '08:30:00');
  expect(root.querySelector('[role=alert]')?.textContent).toContain('is not after "laid-on"');
  await type(1, '09:05:00');
  expect(root.querySelector('[role=alert]')).toBeNull();
  expect(out).toEqual([{ kind: 'moved', target: 'b', at: START + 5 * MINUTE, note: '' }]);
});
