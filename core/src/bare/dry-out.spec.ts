import fc from 'fast-check';
import { linearRegression } from 'simple-statistics';
import { dryOut } from './dry-out.ts';

const DAY = 86_400_000;
const START = Date.UTC(2026, 0, 5);
const readings = (values: readonly (readonly [day: number, value: number])[]) => ({
  reference: 4,
  readings: values.map(([day, value]) => ({ at: new Date(START + day * DAY).toISOString(), value })),
});

test('nothing read, one reading, dry, stuck', () => {
  expect(dryOut(readings([]))).toBeNull();
  expect(dryOut(readings([[0, 20]]))).toEqual({ state: 'wet' });
  expect(
    dryOut(
      readings([
        [0, 20],
        [30, 4.8],
      ]),
    ),
  ).toEqual({ state: 'dry' });
  expect(
    dryOut(
      readings([
        [0, 20],
        [14, 21],
      ]),
    ),
  ).toEqual({ state: 'stuck' });
});

test('16 above the reference halving every 20 days is at 1 after 80 days', () => {
  const out = dryOut(
    readings([
      [0, 20],
      [20, 12],
      [40, 8],
    ]),
  );
  expect(out).toMatchObject({ state: 'drying' });
  expect(out?.state === 'drying' && out.days).toBeCloseTo(40, 6);
  expect(out?.state === 'drying' && out.halfLife).toBeCloseTo(20, 6);
});

test('the fit is that of the simple-statistics package, in whatever order the readings come', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.tuple(fc.integer({ min: 0, max: 200 }), fc.double({ min: 6, max: 60, noNaN: true })), {
        minLength: 3,
        maxLength: 12,
        selector: ([day]) => day,
      }),
      (values) => {
        const { m } = linearRegression(values.map(([day, value]) => [day, Math.log(value - 4)]));
        const out = dryOut(readings(values));
        if (m >= 0) return out?.state === 'stuck';
        return out?.state === 'drying' && Math.abs(out.halfLife - -Math.LN2 / m) < 1e-6 * out.halfLife;
      },
    ),
  );
});
