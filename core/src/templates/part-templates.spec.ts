import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_SHOP } from '../demo/demo-jobs.ts';
import { openQuestions } from '../intake/open-questions.ts';
import { newJob } from '../model/new-job.ts';
import type { Job } from '../model/job.ts';
import { planJob } from '../plan-job.ts';
import { ITEM_TEMPLATES, partsOf, proposeParts } from './item-templates.ts';
import { partArea, partFromTemplate, withArea } from './part-template.ts';
import { PART_TEMPLATES } from './part-templates.ts';

let ids = 0;
const newId = (): string => `t${(ids += 1)}`;
const conditions = PART_TEMPLATES.flatMap((template) =>
  partFromTemplate(template, newId).zones.map(({ condition }) => [template.id, condition] as const),
);

test('no template says that something was tested which nobody has tested', () => {
  for (const [id, { lead, chromate, asbestos, tar, organotin, crosscut }] of conditions) {
    expect([id, lead]).not.toEqual([id, 'lab-clear']);
    expect([id, chromate, asbestos, tar, organotin, crosscut]).toEqual([id, 'not-tested', 'not-tested', 'not-tested', 'not-tested', null]);
  }
});

/** A car panel of the sixties is taken to be leaded until a laboratory says otherwise; one of this century is not asked about. */
test.each([
  [1965, true],
  [2015, false],
])('a car panel of %s: lead is asked %s', (year, asked) => {
  const item = ITEM_TEMPLATES.filter(({ id }) => id === 'panel');
  const empty = newJob('Door');
  const job: Job = { ...empty, item: { ...empty.item, year }, finish: 'solid-2k', parts: partsOf(proposeParts(item), newId) };
  const codes = openQuestions(job, planJob(job, DEMO_SHOP, CATALOGUE)).map(({ code }) => code);
  expect(codes.includes('lead-not-tested')).toBe(asked);
});

test.each(PART_TEMPLATES.map((template) => [template.id, template] as const))('%s of another size keeps the shares of its zones', (_, template) => {
  const part = partFromTemplate(template, newId);
  const larger = withArea(part, 7);
  expect(partArea(larger)).toBeCloseTo(7, 9);
  if (partArea(part) > 0)
    larger.zones.forEach((zone, i) =>
      expect(partArea({ zones: [zone] }) / 7).toBeCloseTo(partArea({ zones: part.zones.slice(i, i + 1) }) / partArea(part), 9),
    );
});

test('the topsides of a dinghy are above the water: a colour, and no antifouling on them', () => {
  const empty = newJob('Dinghy');
  const dinghy = ITEM_TEMPLATES.filter(({ id }) => id === 'dinghy');
  const job: Job = {
    ...empty,
    item: { ...empty.item, kind: 'boat', service: 'immersed-salt' },
    finish: 'antifouling',
    parts: partsOf(proposeParts(dinghy), newId),
  };
  const coats = planJob(job, DEMO_SHOP, CATALOGUE).zones.map(({ partName, build }) => [partName, build?.coats.at(-1)?.base]);
  expect(coats).toEqual([
    ['Bottom', 'antifouling'],
    ['Topsides', 'solid-2k'],
  ]);
});
