import { CATALOGUE, DEMO_JOBS, DEMO_SHOP, gatherFacts, type BlastMethod, type Job, type Shop, type ZoneFacts } from '@lift-bare/core';
import { bestRow, blastCase, bowLines, demandLines, largestFed, nozzleRows, pressureForBow } from './blast-case';

const buggy = DEMO_JOBS.at(-1) as Job;
const factsOf = (part: string, shop: Shop = DEMO_SHOP): ZoneFacts =>
  gatherFacts(buggy, shop, CATALOGUE).find((facts) => facts.part.name === part) as ZoneFacts;
const method = (id: string): BlastMethod => CATALOGUE.methods[id] as BlastMethod;
const rails = blastCase(factsOf('Frame rails'), method('blast.garnet'), 'blast-pot', null);
const bonnet = blastCase(factsOf('Bonnet'), method('blast.plastic'), 'blast-pot', null);

describe('what the compressor can do', () => {
  test('every nozzle has a line; the best is steady where any is, and the plan takes it', () => {
    const rows = nozzleRows(bonnet);
    expect(rows).toHaveLength(7);
    const best = bestRow(rows);
    expect(best?.point?.rhythm).toBeNull();
    expect(best?.nozzle.id).toBe(bonnet.plan.nozzle);
    for (const { point, mean } of rows) if (point?.rhythm === null) expect(mean).toBeLessThanOrEqual(best?.mean ?? 0);
  });

  test('a zone that is sent out is answered for the pot all the same', () => {
    const away = blastCase(factsOf('Bonnet'), method('blast.plastic'), 'quayside', null);
    expect(away.plan.nozzle).toBeNull();
    expect(nozzleRows(away)).toEqual(nozzleRows(bonnet));
  });

  test('without a compressor there is nothing to say', () => {
    const bare = blastCase(factsOf('Bonnet', { ...DEMO_SHOP, air: null }), method('blast.plastic'), 'blast-pot', null);
    expect([nozzleRows(bare), bestRow([]), largestFed(bare)]).toEqual([[], null, null]);
    expect(demandLines(bare, 8)).toEqual([]);
  });

  test('the largest bore that is fed lies between the nozzles that are held and those that are not', () => {
    const largest = largestFed(bonnet) ?? 0;
    for (const { nozzle, point } of nozzleRows(bonnet))
      if (point?.rhythm === null && point.pressure >= bonnet.plan.pressure - 1e-6) expect(nozzle.now).toBeLessThanOrEqual(largest + 1e-6);
  });
});

describe('curves over pressure', () => {
  test('air rises with bore and pressure', () => {
    const lines = demandLines(rails, 8);
    const ends = lines.map(({ points }) => points.at(-1)?.[1] ?? 0);
    expect([...ends].sort((a, b) => a - b)).toEqual(ends);
    for (const { points } of lines) points.slice(1).forEach(([, air], i) => expect(air).toBeGreaterThan(points[i]?.[1] ?? 0));
  });

  test('a held panel bows less than a free plate, and the pressure for a bow lies on its curve', () => {
    const [free, worst, best] = bowLines(bonnet, 8) ?? [];
    for (const i of [10, 40]) {
      expect(worst?.points[i]?.[1]).toBeLessThan(free?.points[i]?.[1] ?? 0);
      expect(best?.points[i]?.[1]).toBeLessThan(worst?.points[i]?.[1] ?? 0);
    }
    const bar = pressureForBow(bonnet, 0.5, 15) ?? 0;
    const above = worst?.points.findIndex(([pressure]) => pressure >= bar) ?? 0;
    expect(worst?.points[above - 1]?.[1]).toBeLessThanOrEqual(0.5);
    expect(worst?.points[above]?.[1]).toBeGreaterThanOrEqual(0.5 - 1e-9);
  });

  test('laminate has no bow to reckon', () => {
    const tub = blastCase(factsOf('Tub'), method('blast.soda'), 'quayside', null);
    expect([bowLines(tub, 8), pressureForBow(tub, 1, 15)]).toEqual([null, null]);
  });
});
