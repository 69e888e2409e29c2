import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { Job } from '../model/job.ts';
import { OrderSheet } from '../model/order-sheet.ts';
import { planJob } from '../plan-job.ts';
import { orderSheets } from './order-sheets.ts';

const sheets = (sample: Sample, change: (job: Job) => Job = (job) => job) => {
  const [job, shop] = [change(sampleJob(sample)), sampleShop(sample)];
  return orderSheets(job, shop, planJob(job, shop, CATALOGUE), CATALOGUE);
};
const rail: Sample = {
  substrate: 'mild-steel-section',
  thickness: 4,
  features: ['threads', 'bearing-seats', 'rubber', 'id-plate'],
  stack: [['alkyd-enamel', 80]],
  condition: { rustGrade: 'C' },
  choice: { method: 'blast.garnet', at: 'blaster' },
  place: { temperature: 18, humidity: 70 },
};

test('a sheet says what is sent, with what, how hard, to what grade, and what must not be hit', () => {
  const [sheet] = sheets(rail);
  expect(sheet).toMatchObject({ to: 'Blasting contractor', pieces: 1, area: 1, charge: 120, transport: 25, daysAway: 4 });
  const part = sheet?.parts[0];
  expect(part?.lines[0]).toMatchObject({ medium: 'Garnet', pressure: 6.625, segment: 60, result: 'Sa 2½ (about SP 10), Rz about 75 µm' });
  expect(part?.keepOff).toEqual(['rubber and seals', 'identification plate: covered']);
  expect(part?.plug).toEqual(['threads: bolts or plugs in', 'bearing seats: plugged on both sides']);
  expect(part?.mass).toBeCloseTo(31.4, 6);
  expect(part?.onIt).toContain('rust');
});

test('the hour of the primer runs from the pick-up: blasted steel at 70 % keeps 4 h', () => {
  const order = { contractor: 'blaster', readyAt: '2026-11-27T13:00:00.000Z', note: 'ring first' };
  const [sheet] = sheets(rail, (job) => ({ ...job, orders: [order] }));
  expect(sheet).toMatchObject({ readyAt: order.readyAt, note: 'ring first', primeBy: '2026-11-27T17:00:00.000Z' });
  expect(sheets(rail)[0]).toMatchObject({
    primeBy: null,
    missing: expect.arrayContaining(['when it is picked up', 'Part: a photo, its size, its weight on a scale']),
  });
});

test('a layer that stays is named on the sheet, by the name that the shop gave it', () => {
  const stays = (name: string) => {
    const kept: Sample = {
      ...rail,
      stack: [
        ['e-coat', 20],
        ['alkyd-enamel', 60],
      ],
      target: { kind: 'down-to', layer: 'layer1' },
      condition: { rustGrade: 'none' },
      choice: { method: 'blast.plastic', at: 'blaster', reason: 'asked for' },
    };
    const [sheet] = sheets(kept, (job) => ({
      ...job,
      parts: job.parts.map((part) => ({
        ...part,
        zones: part.zones.map((zone) => ({ ...zone, stack: zone.stack.map((layer, i) => (i === 0 ? { ...layer, name } : layer)) })),
      })),
    }));
    return sheet?.parts[0]?.lines[0]?.result;
  };
  expect(stays('')).toContain('down to factory dip primer');
  expect(stays('grey works primer')).toContain('down to grey works primer');
  expect(sheets(rail)[0]?.parts[0]?.lines[0]?.result).not.toContain('down to');
});

test('lead and biocide stand on the ticket, tested or taken for it', () => {
  const leaded = {
    ...rail,
    choice: { method: 'blast.wet-abrasive', at: 'blaster' },
    condition: { rustGrade: 'C', lead: 'not-tested' },
    item: { kind: 'machine', year: 1970 },
  } as const;
  expect(sheets(leaded)[0]?.parts[0]?.onIt).toContain('LEAD SUSPECTED');
  expect(sheets(rail)[0]?.parts[0]?.onIt).not.toContain('LEAD');
});

test('nothing is sent where nothing goes out', () => {
  expect(sheets({ ...rail, choice: { method: 'mech.grinder-flap' } })).toEqual([]);
});

test('the sheets of the demo jobs hold to their schema, one for each contractor', () => {
  for (const job of DEMO_JOBS) {
    const made = orderSheets(job, DEMO_SHOP, planJob(job, DEMO_SHOP, CATALOGUE), CATALOGUE);
    expect(made.map((sheet) => OrderSheet.parse(sheet))).toEqual(made);
    expect(new Set(made.map(({ contractor }) => contractor)).size).toBe(made.length);
  }
});
