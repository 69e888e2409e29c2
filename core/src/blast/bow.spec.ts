import fc from 'fast-check';
import { MEDIA } from '../catalogue/media.ts';
import { SUBSTRATES } from '../catalogue/substrates.ts';
import { panelBow, plateBow, plateModulus, pressureForBow, pressureForHeldBow, stripArc } from './bow.ts';

const steel = plateModulus(SUBSTRATES['mild-steel-sheet']) ?? 0;
const bead = MEDIA['blast.glass-bead'];
const jet = (pressure: number, distance = 0.3, angle = 90) => ({ pressure, distance, angle });

test('a test strip bows by its own arc (SAE J442 and J443, definition)', () => {
  expect(plateBow(0.1, { thickness: 1.29, span: 0.03175, modulus: steel })).toBeCloseTo(0.1, 12);
});

test('half the thickness bows four times as far, twice the span too, aluminium by the ratio of moduli', () => {
  const bow = (thickness: number, span: number, modulus = steel) => plateBow(0.1, { thickness, span, modulus });
  expect(bow(0.5, 0.3) / bow(1, 0.3)).toBeCloseTo(4, 9);
  expect(bow(1, 0.6) / bow(1, 0.3)).toBeCloseTo(4, 9);
  const aluminium = plateModulus(SUBSTRATES['aluminium-sheet']) ?? 0;
  expect(bow(1, 0.3, aluminium) / bow(1, 0.3)).toBeCloseTo(210 / 0.7 / (70 / 0.67), 9);
});

test('the arc is the one of the table at its pressure, square on and near', () => {
  expect(stripArc(bead, jet(4))).toBeCloseTo(0.15, 12);
});

test('a shallower or more distant jet bows less, more pressure bows more', () => {
  fc.assert(
    fc.property(fc.double({ min: 1, max: 7, noNaN: true }), fc.double({ min: 15, max: 80, noNaN: true }), (bar, angle) => {
      return (
        stripArc(bead, jet(bar, 0.3, angle)) < stripArc(bead, jet(bar, 0.3, angle + 5)) && stripArc(bead, jet(bar)) < stripArc(bead, jet(bar + 0.5))
      );
    }),
  );
  expect(stripArc(bead, jet(4, 0.6))).toBeLessThan(stripArc(bead, jet(4, 0.3)));
});

test('the pressure for a wanted bow gives that bow; soda never bows', () => {
  const sheet = { thickness: 0.8, span: 0.3, modulus: steel };
  const bar = pressureForBow(5, bead, { distance: 0.3, angle: 45 }, sheet, 8) ?? 0;
  expect(panelBow(bead, jet(bar, 0.3, 45), sheet).free).toBeCloseTo(5, 6);
  const held = pressureForHeldBow(1, bead, { distance: 0.3, angle: 45 }, sheet, 8) ?? 0;
  expect(panelBow(bead, jet(held, 0.3, 45), sheet).held[1]).toBeCloseTo(1, 6);
  expect(pressureForBow(5, MEDIA['blast.soda'], { distance: 0.3, angle: 45 }, sheet, 8)).toBeNull();
});

test('a held panel bows a fifth to a twentieth of a free plate (model assumption)', () => {
  const { free, held } = panelBow(bead, jet(4), { thickness: 0.8, span: 0.3, modulus: steel });
  expect(held).toEqual([free / 20, free / 5]);
});
