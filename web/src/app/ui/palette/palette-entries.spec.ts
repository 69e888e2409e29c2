import { DEMO_JOBS, type Job } from '@lift-bare/core';
import { routes } from '../../app.routes';
import { SHOP_TABS } from '../shop-tabs';
import { findEntries, paletteEntries } from './palette-entries';

const job = DEMO_JOBS[0] as Job;
const entries = paletteEntries({ id: 'tug', job });
const titles = (text: string, all = entries): string[] => findEntries(all, text).map(({ title }) => title);

test('without a job there are no stages, zones or undo', () => {
  const without = paletteEntries(null);
  expect(new Set(without.map(({ kind }) => kind))).toEqual(new Set(['view', 'do', 'word']));
  expect(titles('undo', without)).toEqual([]);
});

test('every page it leads to is a page', () => {
  const known = routes.flatMap(({ path, children }) => [`/${path}`, ...(children ?? []).map((child) => `/${path}/${child.path}`)]);
  for (const { does } of entries)
    if ('to' in does)
      expect(known).toContain(
        does.to
          .join('/')
          .replace('/jobs/tug', '/jobs/:jobId')
          .replace(new RegExp(`^/shop/(${SHOP_TABS.map(({ id }) => id).join('|')})$`), '/shop/:tab'),
      );
});

test('what begins with what is typed comes first, then what is named so, then what only tells of it', () => {
  expect(titles('bar')[0]).toBe('Bare');
  expect(titles('lifting')[0]).toBe('Counterweight: Lifting pockets');
  expect(titles('pock count')[0]).toBe('Counterweight: Lifting pockets');
  expect(titles('2K')).toContain('two-pack');
  expect(titles('celsius')).toEqual(['Metric or US units']);
  expect(titles('')[0]).toBe('Intake');
  expect(titles('zebra crossing')).toEqual([]);
});
