import fc from 'fast-check';
import { sampleFacts, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { CoatingId } from '../model/ids.ts';
import { degC, mm } from '../units/quantities.ts';
import { dwellSetting, type DwellSetting } from './dwell-setting.ts';
import { liftTimes, momentAt } from './trace.ts';
import { tryOn, type WhatIf } from './what-if.ts';

const strippers = ['chem.dcm', 'chem.fast-solvent', 'chem.benzyl-neutral', 'chem.benzyl-peroxide', 'chem.slow-gel'].map((id) => {
  const method = CATALOGUE.methods[id];
  if (method?.family !== 'chem') throw new RangeError(id);
  return method.stripper;
});
const coatings: readonly CoatingId[] = ['lacquer-1k', 'alkyd-enamel', 'baked-enamel', 'basecoat', 'clear-2k', 'epoxy-2k'];

const cases = fc.record({
  stripper: fc.constantFrom(...strippers),
  stack: fc.array(fc.tuple(fc.constantFrom(...coatings), fc.integer({ min: 5, max: 120 })), { minLength: 1, maxLength: 12 }),
  temperature: fc.integer({ min: 0, max: 45 }),
  laid: fc.double({ min: 0.1, max: 5, noNaN: true }),
  upright: fc.boolean(),
});
type Case = typeof cases extends fc.Arbitrary<infer T> ? T : never;

function setting({ stripper, stack, temperature, laid, upright }: Case, whatIf: WhatIf = {}): DwellSetting {
  const sample: Sample = {
    stack,
    place: { temperature },
    orientation: upright ? 'vertical' : 'up',
    lay: { film: mm(laid), covered: false, broken: false },
  };
  return dwellSetting(tryOn(sampleFacts(sample), whatIf), stripper);
}

/** Never later than before, for every layer; what dried before may lift now, not the other way round. */
function sooner(before: DwellSetting, after: DwellSetting): boolean {
  const then = liftTimes(before);
  return liftTimes(after).every((time, i) => time <= (then[i] as number) * (1 + 1e-9));
}
/** As deep or deeper when it is left until dry. */
const deeper = (before: DwellSetting, after: DwellSetting): boolean =>
  momentAt(after, after.life).depth >= momentAt(before, before.life).depth - 1e-9;

test('thicker, covered or fed film: no layer lets go later, and the front gets as deep or deeper', () => {
  fc.assert(
    fc.property(cases, (given) => {
      const before = setting(given);
      return ([{ lay: { film: mm(given.laid * 1.5) } }, { lay: { covered: true } }, { lay: { fed: true } }] as WhatIf[]).every((whatIf) => {
        const after = setting(given, whatIf);
        return sooner(before, after) && deeper(before, after) && after.life >= before.life;
      });
    }),
  );
});

test('an open surface and no brushing: never slower; brushing over never faster', () => {
  fc.assert(
    fc.property(cases, (given) => {
      const before = setting(given);
      return sooner(before, setting(given, { lay: { broken: true } })) && sooner(setting(given, { lay: { brushed: true } }), before);
    }),
  );
});

test('warmer: the front moves faster, the film lives shorter', () => {
  fc.assert(
    fc.property(cases, (given) => {
      const [before, after] = [setting(given), setting(given, { temperature: degC(given.temperature + 5) })];
      const early = 0.5 * Math.min(before.life, after.life);
      return after.pace > before.pace && after.life < before.life && momentAt(after, early).depth >= momentAt(before, early).depth;
    }),
  );
});

test('wet film only shrinks, the front never goes back', () => {
  fc.assert(
    fc.property(cases, fc.double({ min: 0, max: 1.5, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true }), (given, late, share) => {
      const one = setting(given);
      const [a, b] = [momentAt(one, late * share * one.life), momentAt(one, late * one.life)];
      return a.depth <= b.depth + 1e-9 && a.wet >= b.wet - 1e-9 && a.activity >= b.activity - 1e-9;
    }),
  );
});
