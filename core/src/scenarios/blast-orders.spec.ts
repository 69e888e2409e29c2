import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { BlastSetting } from '../model/blast-setting.ts';
import { AS_WORKED_OUT } from '../model/blast-setting.ts';
import type { Job } from '../model/job.ts';
import type { OrderPart } from '../model/order-sheet.ts';
import { planJob } from '../plan-job.ts';
import { orderSheets } from '../send-out/order-sheets.ts';

const buggy = DEMO_JOBS.find(({ name }) => name.startsWith('Shore')) as Job;
const parts = (job: Job): OrderPart[] => orderSheets(job, DEMO_SHOP, planJob(job, DEMO_SHOP, CATALOGUE), CATALOGUE).flatMap((sheet) => sheet.parts);
const part = (name: string): OrderPart => parts(buggy).find((known) => known.name === name) as OrderPart;
const line = (name: string) => part(name).lines[0] as OrderPart['lines'][number];

/** The job with one thing on one part done otherwise. */
function otherwise(name: string, change: { method?: string; blast?: Partial<BlastSetting> }) {
  const job: Job = {
    ...buggy,
    parts: buggy.parts.map((known) =>
      known.name !== name
        ? known
        : {
            ...known,
            zones: known.zones.map((zone, i) =>
              i > 0
                ? zone
                : {
                    ...zone,
                    choice: change.method ? { method: change.method, at: null, reason: 'trial', by: 'hand' as const } : zone.choice,
                    blast: change.blast ? { ...AS_WORKED_OUT, ...change.blast } : null,
                  },
            ),
          },
    ),
  };
  const zone = planJob(job, DEMO_SHOP, CATALOGUE).zones.find(({ partName }) => partName === name);
  return [...(zone?.chosen?.findings ?? []), ...(zone?.findings ?? [])];
}

/** Five parts for two blasters: what each has to be told, and what would ruin it. Limits: common practice, no source. */
describe('what the blaster reads', () => {
  test('bonnet of thin sheet: soft, at most 2.8 bar, 30 to 45 cm off, shallow, edges first', () => {
    expect(line('Bonnet')).toMatchObject({ medium: 'Plastic', pressure: 2.8, distance: 0.3, angle: 45, edgesFirst: true, segment: null });
    expect(part('Bonnet').plug).toContain('seams and laps: taped, no jet into them');
  });

  test('frame rails: mineral grit to near-white, profile that epoxy covers, threads, seats and hollows plugged, the plate covered', () => {
    expect(line('Frame rails')).toMatchObject({ medium: 'Garnet', segment: 60, edgesFirst: false });
    expect(line('Frame rails').result).toMatch(/^Sa 2½/);
    expect(line('Frame rails').pressure).toBeLessThanOrEqual(7);
    expect(part('Frame rails').plug).toHaveLength(3);
    expect(part('Frame rails').keepOff).toEqual(['identification plate: covered']);
    expect(part('Frame rails').primeWithin).toBe(240);
  });

  test('alloy rims: soft, at most 2 bar, four of them, alloy named', () => {
    expect(line('Rims')).toMatchObject({ medium: 'Plastic', pressure: 2 });
    expect(part('Rims')).toMatchObject({ pieces: 4, alloy: 'AlSi7Mg, T6' });
  });

  test('glass-fibre bottom: soda, at most 2.8 bar, 45 cm off, no profile, antifouling named, anodes and sensors kept off', () => {
    expect(line('Tub')).toMatchObject({ medium: 'Soda', pressure: 2.8, distance: 0.45, result: 'free of paint, no profile' });
    expect(part('Tub').onIt).toContain('ANTIFOULING');
    expect(part('Tub').keepOff).toHaveLength(2);
  });

  test('cast housing: bead at the low end of its range, seats and threads plugged', () => {
    expect(line('Gearbox housing')).toMatchObject({ medium: 'Glass-bead', pressure: 3.5 });
    expect(part('Gearbox housing').plug.join()).toMatch(/threads.*bearing seats|bearing seats.*threads/);
  });
});

describe('what would ruin it is refused, with the reason', () => {
  test.each<[string, Parameters<typeof otherwise>[1], string, RegExp]>([
    ['Bonnet', { method: 'blast.garnet' }, 'sheet-blast-hard', /0\.9 mm/],
    ['Bonnet', { blast: { pressure: 5 } }, 'blast-over-pressure', /5\.0 bar a free plate bows up to [\d.]+ mm/],
    ['Frame rails', { method: 'blast.silica-sand' }, 'silica-banned', /silic/i],
    ['Rims', { method: 'blast.steel-grit' }, 'light-no-steel', /[Ii]ron/],
    ['Rims', { blast: { pressure: 4 } }, 'blast-over-pressure', /up to 2 bar/],
    ['Tub', { method: 'blast.crushed-glass' }, 'comp-no-hard-blast', /gelcoat/],
    ['Tub', { blast: { pressure: 4 } }, 'blast-over-pressure', /2\.8 bar/],
    ['Gearbox housing', { method: 'blast.garnet' }, 'light-soft-blast', /aluminium/],
    ['Gearbox housing', { blast: { pressure: 5 } }, 'blast-over-pressure', /3\.5 bar/],
  ])('%s %j: %s', (name, change, code, reason) => {
    const found = otherwise(name, change).find((finding) => finding.code === code);
    expect(['rule-out', 'stop']).toContain(found?.severity);
    expect(found?.reason).toMatch(reason);
  });
});
