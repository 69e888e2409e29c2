import { sampleFacts, sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE, coatById } from '../catalogue/catalogue.ts';
import { coatPlan } from '../build/coat-plan.ts';
import { planFilling } from '../abrasive/plan-filling.ts';
import { changesFor } from '../method/changes.ts';
import { dwellSetting } from '../chemical/dwell-setting.ts';
import { tryOn } from '../chemical/what-if.ts';
import { gatherFacts, type ZoneFacts } from '../facts/zone-facts.ts';
import { setUpPractice } from '../practice/practise.ts';
import { degC } from '../units/quantities.ts';
import { planJob } from '../plan-job.ts';

const AIR = 20;
const colour = (sample: Sample) => coatPlan(sampleFacts(sample), coatById('solid-2k', CATALOGUE), { role: 'colour', why: '' });
const primer = (metal?: number) =>
  coatPlan(sampleFacts(metal === undefined ? {} : { metal }), coatById('epoxy-2k', CATALOGUE), { role: 'primer', why: '' });
const gel = (facts: ZoneFacts) => {
  const method = CATALOGUE.methods['chem.slow-gel'];
  if (method?.family !== 'chem') throw new Error('no gel');
  return dwellSetting(facts, method.stripper);
};
const plan = (sample: Sample) => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE);

/** A film has the temperature of what it lies on: ISO 8502-4 and paint sheets ask for that of the surface. Halved pace for 10 K by the usual rule of thumb. */
describe('a part that is not as warm as the air', () => {
  test('ten kelvin colder, paint waits twice as long, and no window stays open longer for it', () => {
    const [usual, cold] = [colour({}), colour({ metal: AIR - 10 })];
    expect(cold.flash / usual.flash).toBeCloseTo(2, 9);
    expect(cold.recoatMin / usual.recoatMin).toBeCloseTo(2, 9);
    expect(cold.tapeFrom).toBeGreaterThan(usual.tapeFrom);
    const [epoxy, coldEpoxy] = [primer(), primer(AIR - 10)];
    expect(epoxy.recoatMax).not.toBeNull();
    expect(coldEpoxy.recoatMax).toBe(epoxy.recoatMax);
    expect(epoxy.potLife).not.toBeNull();
    expect(coldEpoxy.potLife).toBe(epoxy.potLife);
  });

  test('ten kelvin warmer, windows close sooner and nothing opens sooner', () => {
    const [usual, warm] = [primer(), primer(AIR + 10)];
    expect(warm.recoatMin).toBe(usual.recoatMin);
    expect((warm.recoatMax ?? 0) / (usual.recoatMax ?? 1)).toBeCloseTo(0.5, 9);
  });

  test('filler, converter and drying wait for the part too; the whole plan waits longer, with no more hands', () => {
    const job: Sample = { filling: { area: 0.02, depth: 2, hardener: 2 }, finish: 'solid-2k', condition: { rustGrade: 'B' } };
    const [usual, cold] = [plan(job), plan({ ...job, metal: AIR - 8 })];
    const waitOf = ({ operations }: typeof usual, kind: string) =>
      operations.filter((one) => one.kind === kind).reduce((all, { wait }) => all + wait, 0);
    for (const kind of ['fill', 'dry', 'coat']) expect([kind, waitOf(cold, kind) > waitOf(usual, kind)]).toEqual([kind, true]);
    const dented: Sample = { finish: 'solid-2k', finds: [{ kind: 'dent', depth: 2 }] };
    expect(waitOf(plan({ ...dented, metal: AIR - 10 }), 'fill')).toBe(40);
    expect(waitOf(plan(dented), 'fill')).toBe(20);
  });

  test('the filler in the pot stands in the air; zinc and wax on the part dry by the part', () => {
    const filled = (metal: number) => planFilling(sampleFacts({ metal, filling: { area: 0.02, depth: 2, hardener: 2 } }), null);
    expect(filled(AIR - 8)?.potLife).toBe(filled(AIR)?.potLife);
    expect((filled(AIR - 10)?.sandable ?? 0) / (filled(AIR)?.sandable ?? 1)).toBeCloseTo(2, 9);
    const waitOf = (sample: Sample, kind: string) => plan(sample).operations.find((one) => one.kind === kind)?.wait ?? 0;
    const zinc: Sample = { substrate: 'galvanised', condition: { rustGrade: 'B' }, finish: 'solid-2k' };
    expect(waitOf({ ...zinc, metal: AIR - 10 }, 'zinc-repair') / waitOf(zinc, 'zinc-repair')).toBeCloseTo(2, 9);
    expect(waitOf({ ...zinc, metal: AIR + 10 }, 'zinc-repair')).toBe(waitOf(zinc, 'zinc-repair'));
  });

  test('a way out that only wants a warmer part is named, and only there', () => {
    const ways = (sample: Sample) => changesFor(sampleFacts(sample)).map(({ says }) => says);
    expect(ways({ metal: 8 })).toContain('the part as warm as the workplace');
    expect(ways({ metal: 24 })).not.toContain('the part as warm as the workplace');
    expect(ways({ place: { metal: 8 } })).toContain('parts as warm as the air');
    expect(ways({ place: { metal: 24 } })).not.toContain('parts as warm as the air');
    const warmed = changesFor(sampleFacts({ place: { temperature: 12, metal: 8 } })).find(({ says }) => says === 'a workplace at 20 °C and 50 %');
    expect(warmed?.job?.(sampleJob({ place: { temperature: 12, metal: 8 } })).place).toMatchObject({ temperature: 20, metal: null });
  });

  test('a tool that is held still heats a warm part through sooner', () => {
    const disc: Sample = { stack: [['alkyd-enamel', 40]], choice: { method: 'mech.nonwoven-disc' } };
    const seconds = (metal: number) => plan({ ...disc, metal }).zones[0]?.abrade?.spotHeat?.seconds ?? 0;
    expect(seconds(35)).toBeLessThan(seconds(AIR));
    expect(seconds(AIR)).toBeLessThan(seconds(5));
    expect(seconds(35)).toBeGreaterThan(0);
  });

  test('practice on an own part is on one as warm as its room, as its bench has it', () => {
    const job = sampleJob({ metal: 8, place: { metal: 6 }, area: 0.5 });
    const { practiceCase, truth } = setUpPractice({ kind: 'own', job, zone: 'zone1' }, 3, 1, sampleShop({}));
    expect([practiceCase.job.place.metal, practiceCase.job.parts[0]?.metal]).toEqual([null, null]);
    expect(truth.facts.place.metal).toBeNull();
  });

  test('stripper goes at the pace of the part, and dries by it, as the bench reads it', () => {
    const [at20, at10] = [sampleFacts({}), sampleFacts({ metal: AIR - 10 })];
    expect(gel(at10).temperature).toBe(AIR - 10);
    const all10 = sampleFacts({ place: { temperature: AIR - 10 } });
    expect(gel(at10).pace).toBe(gel(all10).pace);
    expect(gel(at10).pace).toBeLessThan(0.6 * gel(at20).pace);
    expect(gel(at10).life).toBeGreaterThan(gel(at20).life);
    expect(gel(tryOn(at10, { temperature: degC(AIR) }))).toMatchObject({ temperature: AIR, pace: gel(at20).pace });
    expect(gel(tryOn(at10, { orientation: 'up' })).temperature).toBe(AIR - 10);
  });

  test('the cold caution names what is cold, and a warm part in a cold shop takes it away', () => {
    const findings = (sample: Sample) => plan(sample).zones[0]?.options.flatMap((option) => option.findings) ?? [];
    const cold = findings({ metal: 6 }).find(({ code }) => code === 'chem-cold');
    expect(cold?.reason).toContain('At 6 °C');
    expect(findings({}).some(({ code }) => code === 'chem-cold')).toBe(false);
    expect(findings({ metal: 20, place: { temperature: 6 } }).some(({ code }) => code === 'chem-cold')).toBe(false);
    expect(findings({ metal: 38 }).find(({ code }) => code === 'chem-hot')?.reason).toContain('At 38 °C');
    expect(findings({ metal: 20, place: { temperature: 38 } }).some(({ code }) => code === 'chem-hot')).toBe(false);
    const primers = (sample: Sample) => plan({ finish: 'solid-2k', ...sample }).zones[0]?.build?.primers.flatMap((option) => option.findings) ?? [];
    expect(primers({ metal: 4 }).some(({ code }) => code === 'primer-cold')).toBe(true);
    expect(primers({ metal: 22 }).some(({ code }) => code === 'primer-cold')).toBe(false);
    expect(primers({ metal: 22, place: { temperature: 4 } }).some(({ code }) => code === 'primer-cold')).toBe(true);
  });

  test('of two parts only the cold one waits', () => {
    const job = sampleJob({ finish: 'solid-2k' });
    const [part] = job.parts;
    if (!part) throw new Error('no part');
    const two = { ...job, parts: [part, { ...part, id: 'other', metal: degC(8), zones: part.zones.map((zone) => ({ ...zone, id: 'other-zone' })) }] };
    const [one, other] = gatherFacts(two, sampleShop({}), CATALOGUE).map((facts) =>
      coatPlan(facts, coatById('epoxy-2k', CATALOGUE), { role: 'primer', why: '' }),
    );
    expect((other?.recoatMin ?? 0) / (one?.recoatMin ?? 1)).toBeCloseTo(2 ** 1.2, 9);
  });
});
