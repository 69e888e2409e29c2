import { DEMO_SHOP } from '../demo/demo-jobs.ts';
import { USUAL_HOURS } from '../model/calendar.ts';
import { budgetOf } from './budget.ts';

const SHOP = { people: [], hours: USUAL_HOURS };
const EVENING = [{ from: '18:30', to: '21:00' }];
const evenings = { mon: [], tue: EVENING, wed: [], thu: EVENING, fri: [], sat: [], sun: [] };

/** A usual sum of project offices: 1,800 h over 4 weeks of 40 h are 11.25 people. */
test('1,800 h over 4 weeks of 40 h are 11.25 people', () =>
  expect(budgetOf(1800, 4, SHOP)).toEqual({ week: 40, people: 1, weeks: 45, needed: 11.25 }));

test('each person counts with the hours that he or she has', () => {
  const [one, two] = DEMO_SHOP.people;
  if (!one || !two) throw new Error('the demo shop has people');
  const people = [
    { ...one, hours: null },
    { ...two, hours: evenings },
  ];
  expect(budgetOf(90, 2, { people, hours: USUAL_HOURS })).toEqual({ week: 22.5, people: 2, weeks: 2, needed: 2 });
});

test('without hours, or without weeks, there is no answer', () => {
  const closed = { mon: [], tue: [], wed: [], thu: [], fri: [], sat: [], sun: [] };
  expect(budgetOf(10, 4, { people: [], hours: closed })).toMatchObject({ week: 0, weeks: null, needed: null });
  expect(budgetOf(10, 0, SHOP).needed).toBeNull();
});
