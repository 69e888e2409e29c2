import { provideZonelessChangeDetection, type Type } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { JobContext } from '../../state/job-context';
import { PLAIN_UNITS } from '../../testing/plain-units';
import { zoneContext } from '../../testing/zone-context';
import { Units } from '../../ui/units.service';
import { FindsPanel } from '../../ui/finds/finds-panel';
import { en_US, provideNzI18n } from 'ng-zorro-antd/i18n';
import { MoisturePanel } from './moisture-panel';

/** A panel on a zone of a demo job, with the plan following its edits. */
async function panel(view: Type<unknown>, jobName: RegExp, partName: RegExp) {
  const context = zoneContext(jobName, partName);
  const { zone } = context;
  TestBed.resetTestingModule().configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideNzI18n(en_US),
      { provide: JobContext, useValue: context },
      { provide: Units, useValue: PLAIN_UNITS },
    ],
  });
  const fixture = TestBed.createComponent(view);
  const settle = () => fixture.whenStable();
  await settle();
  const root = fixture.nativeElement as HTMLElement;
  const input = (label: string) => {
    const found = [...root.querySelectorAll('label')].find((element) => element.textContent?.trim() === label);
    return root.querySelector(`#${found?.htmlFor}`) as HTMLInputElement;
  };
  const type = async (label: string, text: string, event = 'input') => {
    input(label).value = text;
    input(label).dispatchEvent(new Event(event, { bubbles: true }));
    await settle();
  };
  const press = async (text: RegExp) => {
    [...root.querySelectorAll('button')].find((button) => text.test(button.getAttribute('aria-label') ?? button.textContent ?? ''))?.click();
    await settle();
  };
  return { root, zone, type, press, settle };
}

describe('moisture of a laminate', () => {
  const hull = () => panel(MoisturePanel, /^Shore patrol/, /^Tub/);

  test('readings are kept in the order of time, and say when it will be dry', async () => {
    const { root, zone, type, press } = await hull();
    expect(root.textContent).not.toContain('Reads now');
    await type('Dry reference', '4');
    for (const [value, at] of [
      ['12', '2026-10-21T08:00'],
      ['20', '2026-10-01T08:00'],
    ] as const) {
      await type('Reads now', value);
      await type('Read at', at, 'focusout');
      await press(/^Write it down/);
    }
    expect(zone()?.moisture?.readings.map(({ value }) => value)).toEqual([20, 12]);
    expect(root.querySelector('.verdict')?.textContent).toMatch(/wet.*Half of the rest leaves in 20 days/s);
  });

  test('a reading like the reference is dry; without readings the reference can go again', async () => {
    const { root, zone, type, press } = await hull();
    await type('Dry reference', '4');
    await type('Reads now', '4,4');
    await press(/^Write it down/);
    expect(root.querySelector('.verdict')?.textContent).toContain('dry');
    await press(/^Remove the reading/);
    await type('Dry reference', '');
    expect(zone()?.moisture).toBeNull();
  });

  test('what is no number is not written down', async () => {
    const { root, zone, type } = await hull();
    await type('Dry reference', '4');
    await type('Reads now', 'wet');
    expect(root.querySelector('[role=alert]')?.textContent).toContain('a number from 0 to 100');
    expect(zone()?.moisture?.readings).toEqual([]);
  });
});

describe('finds on the map', () => {
  const tug = () => panel(FindsPanel, /^Baggage tug/, /^Side panels/);
  const at = (type: string, clientX: number, clientY: number) =>
    Object.assign(new Event(type, { bubbles: true }), { clientX, clientY, pointerId: 1 });
  const drawn = (root: HTMLElement): HTMLElement => {
    const map = root.querySelector('.map') as HTMLElement;
    map.getBoundingClientRect = () => ({ left: 0, top: 0, width: 200, height: 100 }) as DOMRect;
    return map;
  };

  test('a tap marks one there; it is moved by keys and stays on the map', async () => {
    const { root, zone, settle } = await tug();
    drawn(root).dispatchEvent(at('pointerup', 50, 80));
    await settle();
    expect(zone()?.finds.map(({ kind, spot }) => [kind, spot])).toEqual([['dent', { on: null, x: 0.25, y: 0.8 }]]);
    const mark = root.querySelector('.mark') as HTMLButtonElement;
    mark.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowLeft' }));
    mark.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }));
    await settle();
    expect(zone()?.finds[0]?.spot).toEqual({ on: null, x: 0.24, y: 0.8 });
  });

  test('one marked from the list is put on the map later', async () => {
    const { root, zone, press } = await tug();
    await press(/^Mark a find/);
    expect(root.querySelector('.mark')).toBeNull();
    await press(/^Put it on the map/);
    expect(zone()?.finds[0]?.spot).toEqual({ on: null, x: 0.5, y: 0.5 });
    expect(root.querySelector('.mark')?.textContent).toBe('1');
    await press(/^Remove/);
    expect(zone()?.finds).toEqual([]);
  });

  test('the face is laid flat in its own size', async () => {
    const { root } = await tug();
    expect(root.textContent).toContain('1.1 length by 0.6 length laid flat');
  });
});
