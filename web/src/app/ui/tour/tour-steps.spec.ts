import { addressOf, TOUR_STEPS } from './tour-steps';

test('six steps, each with an address of its own shelf', () => {
  expect(TOUR_STEPS).toHaveLength(6);
  const addresses = TOUR_STEPS.map((step) => addressOf(step, 'j1', 'z1'));
  expect(addresses.filter((address) => address.startsWith('/jobs/j1/'))).toHaveLength(4);
  expect(addresses.filter((address) => address.endsWith('?zone=z1'))).toHaveLength(2);
  expect(addresses.join()).not.toMatch(/[{}]/);
});

test('on an empty shelf it stays at the list, of a job without zones it shows the whole', () => {
  for (const step of TOUR_STEPS) {
    expect(addressOf(step, null, null)).toMatch(/^\/(words)?$/);
    expect(addressOf(step, 'j1', null)).not.toContain('?');
  }
});
