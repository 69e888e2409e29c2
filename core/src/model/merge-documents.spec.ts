import fc from 'fast-check';
import { DEMO_JOBS } from '../demo/demo-jobs.ts';
import { Job } from './job.ts';
import { mergeDocuments, same, withValueAt } from './merge-documents.ts';

const job = DEMO_JOBS[0] as Job;
const merged = (mine: Job, theirs: Job) => mergeDocuments(job, mine, theirs);
const renamed = (at: number, name: string): Job => ({ ...job, parts: job.parts.map((part, i) => (i === at ? { ...part, name } : part)) });

test('what each side has changed by itself is there, in another part, field or zone', () => {
  const mine: Job = { ...renamed(0, 'Bonnet, left'), notes: 'mine' };
  const theirs: Job = { ...renamed(1, 'Panels'), place: { ...job.place, humidity: 70 as Job['place']['humidity'] } };
  const { value, clashes } = merged(mine, theirs);
  expect(clashes).toEqual([]);
  const both = Job.parse(value);
  expect(both.parts.slice(0, 2).map(({ name }) => name)).toEqual(['Bonnet, left', 'Panels']);
  expect([both.notes, both.place.humidity, both.place.temperature]).toEqual(['mine', 70, job.place.temperature]);
});

test('parts added on both sides are both there; one taken out stays out; one taken out here and changed there is asked', () => {
  const part = job.parts[2] as Job['parts'][number];
  const added = (id: string): Job => ({ ...job, parts: [...job.parts, { ...part, id, name: id, zones: [] }] });
  expect(
    Job.parse(merged(added('new1'), added('new2')).value)
      .parts.slice(-2)
      .map(({ id }) => id),
  ).toEqual(['new1', 'new2']);
  const without: Job = { ...job, parts: job.parts.filter(({ id }) => id !== part.id) };
  expect(Job.parse(merged(without, renamed(0, 'Hood')).value).parts.some(({ id }) => id === part.id)).toBe(false);
  const { clashes } = merged(without, renamed(2, 'Frame'));
  expect(clashes).toEqual([{ path: ['parts', part.id], mine: undefined, theirs: expect.objectContaining({ name: 'Frame' }) }]);
});

test('the same field changed on both sides is asked, mine stands meanwhile, and either can be put there', () => {
  const { value, clashes } = merged({ ...job, name: 'Mine' }, { ...job, name: 'Theirs', notes: 'n' });
  expect(clashes).toEqual([{ path: ['name'], mine: 'Mine', theirs: 'Theirs' }]);
  expect(value).toMatchObject({ name: 'Mine', notes: 'n' });
  expect(withValueAt(value, ['name'], 'Theirs')).toMatchObject({ name: 'Theirs', notes: 'n' });
  const [zone] = (job.parts[0] as Job['parts'][number]).zones;
  const path = ['parts', job.parts[0]?.id ?? '', 'zones', zone?.id ?? '', 'name'];
  expect(Job.parse(withValueAt(job, path, 'Lid')).parts[0]?.zones[0]?.name).toBe('Lid');
  expect(Job.parse(withValueAt(job, ['parts', job.parts[0]?.id ?? ''], undefined)).parts).toHaveLength(job.parts.length - 1);
});

/** Documents as ours are: records, lists of entries with ids, and plain values. */
const documents = fc.letrec<{ value: unknown; entry: unknown }>((tie) => ({
  entry: fc.record({ id: fc.constantFrom('a', 'b', 'c'), v: tie('value') }),
  value: fc.oneof(
    { depthSize: 'small' },
    fc.constantFrom(1, 2, 'x', null, true),
    fc.record({ p: tie('value'), q: tie('value') }),
    fc.uniqueArray(tie('entry'), { maxLength: 3, selector: (entry) => (entry as { id: string }).id }),
  ),
})).value;

test('one side alone is that side; both the same is that; sides change places but for who wins', () => {
  fc.assert(
    fc.property(documents, documents, documents, (base, a, b) => {
      expect(mergeDocuments(base, a, base)).toEqual({ value: a, clashes: [] });
      expect(mergeDocuments(base, base, b)).toEqual({ value: b, clashes: [] });
      expect(mergeDocuments(base, a, a)).toEqual({ value: a, clashes: [] });
      const [one, other] = [mergeDocuments(base, a, b), mergeDocuments(base, b, a)];
      expect(one.clashes.map(({ path }) => path.join()).sort()).toEqual(other.clashes.map(({ path }) => path.join()).sort());
      for (const { path, mine, theirs } of one.clashes) {
        expect(same(mine, theirs)).toBe(false);
        const turned = other.clashes.find((clash) => clash.path.join() === path.join());
        expect([turned?.mine, turned?.theirs]).toEqual([theirs, mine]);
      }
    }),
  );
});
