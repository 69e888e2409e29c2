import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { DEFAULT_SHOP, localise, type OwnRow, type Shop, type UnitSystem } from '@lift-bare/core';
import { Units } from '../../ui/units.service';
import { ShopEditor } from './shop-editor';
import { ShopOwnRows } from './shop-own-rows';

const system = signal<UnitSystem>('metric');
const units = {
  minutes: (value: number) => `${Math.round(value)} min`,
  show: (value: number) => `${value} °C`,
  text: (text: string) => localise(text, system()),
  system,
};
afterEach(() => system.set('metric'));
const gel: OwnRow = { id: 'own.gel', name: 'House gel', base: 'chem.slow-gel', note: '', figures: { price: 11, softening: { 'alkyd-enamel': 100 } } };

async function page(ownRows: OwnRow[] = []) {
  const shop = signal<Shop>({ ...DEFAULT_SHOP, ownRows });
  const editor = {
    shop,
    set: (key: keyof Shop, value: unknown) => {
      shop.update((known) => ({ ...known, [key]: value }));
      return true;
    },
  };
  TestBed.configureTestingModule({
    providers: [provideZonelessChangeDetection(), { provide: ShopEditor, useValue: editor }, { provide: Units, useValue: units }],
  });
  const fixture = TestBed.createComponent(ShopOwnRows);
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const press = async (text: RegExp) => {
    [...root.querySelectorAll('button')].find((button) => text.test(button.getAttribute('aria-label') ?? button.textContent ?? ''))?.click();
    await fixture.whenStable();
  };
  const input = (label: string) => {
    const found = [...root.querySelectorAll('label')].find((element) => element.textContent === label);
    return root.querySelector(`#${found?.htmlFor}`) as HTMLInputElement;
  };
  const type = async (label: string, text: string) => {
    input(label).value = text;
    input(label).dispatchEvent(new Event('input'));
    await fixture.whenStable();
  };
  const open = async (name: string, text: string) => {
    const file = root.querySelector('input[type=file]') as HTMLInputElement;
    Object.defineProperty(file, 'files', { value: [{ name, text: () => Promise.resolve(text) }], configurable: true });
    Object.defineProperty(file, 'value', { value: '', writable: true, configurable: true });
    file.dispatchEvent(new Event('change'));
    for (let i = 0; i < 20; i += 1) await new Promise((done) => setTimeout(done));
    await fixture.whenStable();
  };
  return { root, press, input, type, open, settled: () => fixture.whenStable(), rows: () => shop().ownRows };
}

test('a copy starts without figures of its own, under an id that is free', async () => {
  const { press, rows, root } = await page();
  expect(root.textContent).toContain('No own rows yet');
  await press(/^Copy it/);
  await press(/^Copy it/);
  expect(rows().map(({ id, base, figures }) => [id, base, figures])).toEqual([
    ['own.own-fast-solvent-gel', 'chem.fast-solvent', {}],
    ['own.own-fast-solvent-gel-2', 'chem.fast-solvent', {}],
  ]);
});

test('a figure is set, and left to the generic row again when it is emptied', async () => {
  const { type, input, rows } = await page([gel]);
  expect(input('Price').value).toBe('11');
  expect(input('Film laid on').placeholder).toBe('2.5');
  await type('Film laid on', '3');
  expect(rows()[0]?.figures).toMatchObject({ price: 11, wetFilm: 3 });
  await type('Film laid on', '');
  expect('wetFilm' in (rows()[0]?.figures ?? {})).toBe(false);
});

test('a time to soften may be none; coatings without one show the table and stay open', async () => {
  const { type, input, rows } = await page([gel]);
  expect(input('Alkyd enamel').value).toBe('100');
  expect(input('Two-pack clear').value).toBe('');
  expect(input('Two-pack clear').placeholder).toBe('720');
  await type('Two-pack clear', '-');
  expect(rows()[0]?.figures.softening).toEqual({ 'alkyd-enamel': 100, 'clear-2k': null });
});

test('removed by name', async () => {
  const { press, rows } = await page([gel, { ...gel, id: 'own.other', name: 'Other' }]);
  await press(/^remove House gel/);
  expect(rows().map(({ name }) => name)).toEqual(['Other']);
});

test('a file is merged in; a bad one is told line by line and changes nothing', async () => {
  const { open, rows, root } = await page([gel]);
  await open('bad.csv', 'id,name,base,price\nown.x,X,mech.da,dear\n');
  expect(root.querySelector('[role=alert]')?.textContent).toContain('1 › price: "dear" is not a number');
  expect(rows()).toEqual([gel]);
  await open('good.csv', 'id,name,base,price\nown.gel,Renamed,chem.slow-gel,9\nown.y,Y,mech.da,2\n');
  expect(rows().map(({ name }) => name)).toEqual(['Renamed', 'Y']);
  expect(root.querySelector('[role=status]')?.textContent).toBe('2 rows read from good.csv.');
});

describe('a data sheet', () => {
  const paint: OwnRow = { id: 'own.paint', name: 'House clear', base: 'clear-2k', note: '', figures: {} };
  const error = (root: HTMLElement) => root.querySelector('.error')?.textContent;

  test('two points show what follows from them at other temperatures', async () => {
    const { type, root, rows } = await page([paint]);
    await type('Times hold at', '20');
    await type('Next product from', '240');
    await type('Second point at', '10');
    await type('Next product from, there', '960');
    expect(rows()[0]?.figures).toEqual({ sheetAt: 20, recoatMin: 240, secondAt: 10, secondRecoat: 960 });
    expect(root.textContent).toMatch(/480 min at 15 °C.*120 min at 25 °C/s);
    expect(root.textContent).toContain('Taken wherever a topcoat has two-pack clear');
  });

  test('crossed points and no solids are refused where they are typed, and what was entered stays', async () => {
    const { type, input, root, rows } = await page([{ ...paint, figures: { recoatMin: 240, secondAt: 10 } }]);
    await type('Next product from, there', '200');
    expect(error(root)).toContain('crossed');
    expect(input('Next product from, there').value).toBe('200');
    expect(rows()[0]?.figures.secondRecoat).toBeUndefined();
    await type('Next product from, there', '500');
    await type('Solids by volume', '0');
    expect(error(root)).toContain('1 or more');
    expect(rows()[0]?.figures).toEqual({ recoatMin: 240, secondAt: 10, secondRecoat: 500 });
  });

  test('a figure that crosses another is refused with the name of that other', async () => {
    const { type, root, rows } = await page([{ ...paint, figures: { recoatMin: 240, secondAt: 10, secondRecoat: 500 } }]);
    await type('Next product from', '600');
    expect(error(root)).toMatch(/^Next product from, there: the points are crossed/);
    expect(rows()[0]?.figures.recoatMin).toBe(240);
  });

  test('a second copy of the same topcoat says which stands before it; frost may be entered', async () => {
    const { type, root, rows } = await page([paint, { ...paint, id: 'own.other', name: 'Other clear' }]);
    expect(root.textContent).toContain('Not taken: House clear stands before it');
    await type('Second point at', '-5');
    expect(rows()[0]?.figures.secondAt).toBe(-5);
  });
});

test('what is measured is shown and typed in the units of whoever sits here, and kept in those of the row', async () => {
  const { input, type, rows, root, settled } = await page([
    { id: 'own.epoxy', name: 'Our epoxy', base: 'epoxy-2k', note: '', figures: { filmPerCoat: 50.8, minTemperature: 10 } },
  ]);
  expect([input('Dry film a coat').value, input('Not below').value]).toEqual(['51', '10']);
  system.set('us');
  await settled();
  await type('Dry film a coat', '2.5');
  await type('Not below', '41');
  await type('Times hold at', '25 C');
  expect(rows()[0]?.figures).toMatchObject({ minTemperature: 5, sheetAt: 25 });
  expect(rows()[0]?.figures.filmPerCoat).toBeCloseTo(63.5, 9);
  expect([input('Dry film a coat').value, input('Not below').value]).toEqual(['2.5', '41']);
  await type('Not below', '-60');
  expect(root.querySelector('.error')?.textContent).toBe('must be 14 °F or more');
  expect(rows()[0]?.figures.minTemperature).toBe(5);
});

test('a figure at its limit, which rounds beyond it in the units shown, is no error until it is typed', async () => {
  system.set('us');
  const { input, root, type } = await page([{ id: 'own.gel', name: 'Gel', base: 'chem.slow-gel', note: '', figures: { wetFilm: 10 } }]);
  expect([input('Film laid on').value, root.querySelector('.error')]).toEqual(['0.394', null]);
  await type('Film laid on', '0.4');
  expect(root.querySelector('.error')?.textContent).toContain('at most');
});
