import { sampleFacts } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { planZone } from '../way/plan-zone.ts';
import { bareClock } from './clock.ts';

const steel = planZone(sampleFacts({ place: { humidity: 70 }, choice: { method: 'mech.da' } }), CATALOGUE);
const plastic = planZone(sampleFacts({ substrate: 'abs', thickness: 3, stack: [['basecoat', 20]] }), CATALOGUE);
const START = Date.UTC(2026, 10, 27, 8);
const at = (hours: number, zones = [steel]) => bareClock(zones, new Date(START).toISOString(), START + hours * 3_600_000);

test('steel at 70 % keeps 8 h: running, near, over, lost', () => {
  expect([1, 6.5, 9, 17].map((hours) => at(hours)?.state)).toEqual(['running', 'near', 'over', 'lost']);
  expect(at(3)).toMatchObject({ within: 480, left: 300, due: START + 8 * 3_600_000 });
  expect(at(9)?.todo).toContain('re-key');
  expect(at(17)?.todo).toContain('treat the rust again');
});

test('the shortest clock of its zones counts, and what does not rust has none', () => {
  const damp = planZone(sampleFacts({ place: { humidity: 90 }, choice: { method: 'mech.da' } }), CATALOGUE);
  expect(at(0, [steel, damp])?.within).toBe(60);
  expect(at(0, [plastic])).toBeNull();
});
