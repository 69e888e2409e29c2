import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import { Job } from '../model/job.ts';
import { newJob } from '../model/new-job.ts';
import { PART_TEMPLATES } from '../templates/part-templates.ts';
import { partFromTemplate } from '../templates/part-template.ts';
import { planJob } from '../plan-job.ts';
import { ANSWERS } from './answers.ts';
import { nextThing } from './next-thing.ts';
import { openQuestions } from './open-questions.ts';
import { answered, askedAt, meantPlaces, type Question } from './question.ts';
import { spread, tryAnswers, type Tried } from './try-answers.ts';

let ids = 0;
const template = (id: string, name: string) => {
  const found = PART_TEMPLATES.find((one) => one.id === id);
  if (!found) throw new Error(`no template ${id}`);
  return { ...partFromTemplate(found, () => `i${(ids += 1)}`), name };
};
const jobOf = (...parts: Job['parts']): Job => ({ ...newJob('Intake'), parts });
const plan = (job: Job) => planJob(job, DEMO_SHOP, CATALOGUE);
const questions = (job: Job): Question[] => openQuestions(job, plan(job));
const codes = (job: Job): string[] => questions(job).map(({ code }) => code);
const asked = (job: Job, code: string): Question => {
  const found = questions(job).find((one) => one.code === code);
  if (!found) throw new Error(`${code} is not asked, but ${codes(job).join(', ')}`);
  return found;
};
const answer = (job: Job, code: string, label: RegExp): Job => {
  const { answers, places } = asked(job, code);
  const chosen = answers.find((one) => label.test(one.label));
  if (!chosen) throw new Error(`no answer ${label.source}`);
  return answered(
    job,
    chosen,
    places.map(({ id }) => id),
  );
};
const tried = (job: Job): Tried[] => {
  const search = tryAnswers(job, DEMO_SHOP, CATALOGUE);
  let step = search.next();
  while (!step.done) step = search.next();
  return step.value;
};

const TRAILER = jobOf(template('chassis-rail', 'Left rail'), template('chassis-rail', 'Right rail'), template('abs-fairing', 'Mudguard'));
const UNMARKED: Job = jobOf({ ...template('olefin-bumper', 'Bumper'), substrate: 'plastic-unmarked' });

describe('what is asked', () => {
  test('an empty job asks for a part; parts ask for the topcoat first', () => {
    expect(codes(newJob('Empty'))).toEqual(['no-parts']);
    expect(codes(TRAILER)[0]).toBe('finish-missing');
  });

  test('each question once, with all the places it is open in, and of what it is about', () => {
    const lead = asked(TRAILER, 'lead-not-tested');
    expect(lead.places.map(({ name }) => name)).toEqual([
      'Left rail: Outside',
      'Left rail: Inside the section',
      'Right rail: Outside',
      'Right rail: Inside the section',
    ]);
    expect(asked(UNMARKED, 'float-test').places.map(({ name }) => name)).toEqual(['Bumper']);
    expect(asked(TRAILER, 'finish-missing').places).toEqual([]);
  });

  test('the year is asked where age alone makes paint suspect, and not where it is known or nothing hangs on it', () => {
    expect(codes(TRAILER)).toContain('year-not-said');
    expect(codes({ ...TRAILER, item: { ...TRAILER.item, year: 1972 } })).not.toContain('year-not-said');
    expect(codes(UNMARKED)).not.toContain('year-not-said');
  });

  test('a question of the place has no part for its place, whatever its path ends with', () => {
    const [first] = plan(TRAILER).findings;
    const odd = { ...first, severity: 'question', code: 'odd', path: ['place', 0, 'zones', 0], title: 'Odd?' } as never;
    expect(openQuestions({ ...TRAILER, item: { ...TRAILER.item, year: 2020 } }, { ...plan(TRAILER), findings: [odd] })).toMatchObject([
      { code: 'odd', places: [] },
    ]);
  });

  test('only finishes meant for the item: no bottom paint on a trailer, no car colour withheld from a boat', () => {
    const labels = (job: Job) => asked(job, 'finish-missing').answers.map(({ label }) => label);
    expect(labels(TRAILER)).not.toContain('Ablative antifouling');
    expect(labels({ ...TRAILER, item: { ...TRAILER.item, kind: 'boat', service: 'immersed-salt' } })).toEqual(
      expect.arrayContaining(['Ablative antifouling', 'Two-pack solid colour']),
    );
  });
});

describe('an answer', () => {
  test.each([
    ['finish-missing', /solid/, TRAILER],
    ['year-not-said', /1970s/, TRAILER],
    ['lead-not-tested', /found none/, TRAILER],
    ['lead-not-tested', /was found/, TRAILER],
    ['lead-not-tested', /as leaded/, TRAILER],
    ['float-test', /sinks/, UNMARKED],
  ] as const)('to %s, %s, settles it and leaves a sound document', (code, label, job) => {
    const after = answer(job, code, label);
    expect(codes(after)).not.toContain(code);
    expect(Job.safeParse(after).success).toBe(true);
  });

  test('every answer to touch keeps the document sound and changes it', () => {
    const places = TRAILER.parts.flatMap((part) => [part.id, ...part.zones.map(({ id }) => id)]);
    for (const [code, answers] of Object.entries(ANSWERS)) {
      expect([code, answers(TRAILER).length > 1]).toEqual([code, true]);
      for (const one of answers(TRAILER)) {
        const after = answered(TRAILER, one, places);
        expect(after).not.toEqual(TRAILER);
        expect(Job.safeParse(after).error).toBeUndefined();
      }
    }
  });

  test('is written only where it was meant', () => {
    const { answers, places } = asked(TRAILER, 'lead-not-tested');
    const [clear] = answers;
    const [first] = places;
    const after = answered(TRAILER, clear ?? { label: '' }, [first?.id ?? '']);
    expect(after.parts.flatMap(({ zones }) => zones.map(({ condition }) => condition.lead))).toEqual([
      'lab-clear',
      'not-tested',
      'not-tested',
      'not-tested',
      'not-tested',
    ]);
    expect(after.parts[1]).toBe(TRAILER.parts[1]);
  });

  test('“floats” makes it an olefin, which wants a promoter; “sinks” does not', () => {
    const primers = (job: Job): string =>
      plan({ ...job, finish: 'solid-2k' }).zones[0]?.build?.primers.find(({ verdict }) => verdict === 'chosen')?.primer ?? 'none';
    expect(primers(answer(UNMARKED, 'float-test', /floats/))).toBe('adhesion-promoter');
    expect(primers(answer(UNMARKED, 'float-test', /sinks/))).not.toBe('adhesion-promoter');
  });
});

describe('what an answer would change', () => {
  const job: Job = { ...TRAILER, finish: 'solid-2k' };
  const effects = tried(job);

  test('is what planning with it shows', () => {
    const today = plan(job);
    for (const { code, effects: found } of effects) {
      const { answers, places } = asked(job, code);
      answers.forEach((one, i) => {
        const after = plan(
          answered(
            job,
            one,
            places.map(({ id }) => id),
          ),
        );
        expect(found[i]?.cost).toBeCloseTo(after.totals.cost - today.totals.cost, 6);
        expect(found[i]?.hand).toBeCloseTo(after.totals.hand - today.totals.hand, 6);
      });
    }
  });

  test('no lead makes the old enamel of rails cheaper to take off; lead found changes nothing, as it is taken to be there', () => {
    const lead = effects.find(({ code }) => code === 'lead-not-tested');
    const labels = asked(job, 'lead-not-tested').answers.map(({ label }) => label);
    expect(lead?.effects[labels.findIndex((label) => /none/.test(label))]?.cost).toBeLessThan(0);
    expect(lead?.effects[labels.findIndex((label) => /was found/.test(label))]).toMatchObject({ cost: 0, hand: 0, methods: 0, stops: 0 });
  });

  test('stops that an answer brings or takes away are told by how many', () => {
    // A dinghy is painted in a small closed garage: vapour that can burn gathers there, and outdoors it does not.
    const closed: Job = { ...job, place: { ...job.place, indoors: true, extraction: false } };
    const air = tried(closed).find(({ code }) => code === 'air-unknown');
    const labels = asked(closed, 'air-unknown').answers.map(({ label }) => label);
    const stops = (label: RegExp) => air?.effects[labels.findIndex((one) => label.test(one))]?.stops;
    expect(stops(/garage, 45/)).toBeGreaterThan(0);
    expect(stops(/outdoors/)).toBe(0);
  });

  const effect = (more: Partial<Tried['effects'][number]>) => ({ hand: 0, wait: 0, cost: 0, stops: 0, methods: 0, ...more });
  test('stops weigh before methods, methods before money; answers on both sides of today add up', () => {
    const stop = spread({ code: 'a', effects: [effect({ stops: -1 })] });
    const method = spread({ code: 'b', effects: [effect({ methods: 2 })] });
    const money = spread({ code: 'c', effects: [effect({ cost: 30 }), effect({ cost: -20 })] });
    expect(money).toBe(50);
    expect(stop).toBeGreaterThan(method);
    expect(method).toBeGreaterThan(money);
    expect(spread({ code: 'd', effects: [effect({})] })).toBe(0);
  });

  test('at the places that are not left out: one rail alone changes less than both', () => {
    const { code, places, answers } = asked(job, 'lead-not-tested');
    const left = new Set(places.slice(1).map(({ id }) => askedAt(code, id)));
    expect(meantPlaces(asked(job, code), left)).toEqual([places[0]?.id]);
    const search = tryAnswers(job, DEMO_SHOP, CATALOGUE, left);
    let step = search.next();
    while (!step.done) step = search.next();
    const one = step.value.find((found) => found.code === code)?.effects[0];
    const after = plan(answered(job, answers[0] ?? { label: '' }, [places[0]?.id ?? '']));
    expect(one?.cost).toBeCloseTo(after.totals.cost - plan(job).totals.cost, 6);
    expect(one?.methods).toBeLessThan(effects.find((found) => found.code === code)?.effects[0]?.methods ?? 0);
  });

  test('told to stop it answers with what it has', () => {
    const search = tryAnswers(job, DEMO_SHOP, CATALOGUE);
    search.next();
    expect(search.next(true)).toEqual({ done: true, value: [] });
  });
});

describe('the next thing', () => {
  test('from the first part to the sheet, always one open thing', () => {
    expect(nextThing(newJob('Empty'), plan(newJob('Empty')))).toMatchObject({ stage: 'intake', says: 'Add the first part' });
    expect(nextThing(TRAILER, plan(TRAILER))).toMatchObject({ stage: 'intake', zone: null, says: expect.stringMatching(/topcoat/) });
    const shapeless = jobOf({ ...template('blank', 'Lid'), zones: template('blank', 'Lid').zones });
    const open = { ...shapeless, finish: 'solid-2k' as const };
    expect(nextThing(open, plan(open))).toMatchObject({ stage: 'intake', zone: open.parts[0]?.zones[0]?.id });
  });

  test('a stop that is about the whole job, or about a part, shows no zone', () => {
    const at = (path: (string | number)[]) => {
      const stop = { ...plan(DEMO_JOBS[0] as Job).findings[0], severity: 'stop', code: 'no-primer', path, title: 'No primer fits' } as never;
      return nextThing({ ...TRAILER, item: { ...TRAILER.item, year: 2020 } }, { ...plan(TRAILER), findings: [stop] }).zone;
    };
    expect([at(['place', 'room']), at(['parts', 0, 'finish']), at(['place', 0, 'x', 0])]).toEqual([null, null, null]);
    expect(at(['parts', 0, 'zones', 1])).toBe(TRAILER.parts[0]?.zones[1]?.id);
  });

  test('with nothing left to ask it is a stop at its stage, then the dates, then the sheet', () => {
    const settled = (job: Job): Job => {
      const [question] = questions(job);
      const [first] = question?.answers ?? [];
      return question && first
        ? settled(
            answered(
              job,
              first,
              question.places.map(({ id }) => id),
            ),
          )
        : job;
    };
    const job = settled({ ...TRAILER, finish: 'solid-2k' });
    const stopped = nextThing(job, {
      ...plan(job),
      findings: [
        {
          ...plan(DEMO_JOBS[0] as Job).findings[0],
          severity: 'stop',
          code: 'no-primer',
          path: ['parts', 1, 'zones', 0],
          title: 'No primer fits',
        } as never,
      ],
    });
    expect(stopped).toEqual({ says: 'No primer fits', stage: 'build', zone: job.parts[1]?.zones[0]?.id });
    const ready = { ...plan(job), findings: [] };
    expect(nextThing(job, ready).stage).toBe('time');
    expect(nextThing({ ...job, due: '2026-12-24' as never }, ready).stage).toBe('run-sheet');
  });
});
