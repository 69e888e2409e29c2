import { schoolNamed, schoolsIn, schoolSetTo } from './school-words.ts';
import { SCHOOLS } from './schools.ts';

test.each(SCHOOLS.map(({ id }) => id))('%s is told by its question, and found again in a sentence', (id) => {
  expect(schoolNamed(id)).toMatch(/^school “.+”$/);
  expect(schoolsIn(`Warm the part, or hold it back (${schoolNamed(id)}).`)).toEqual([id]);
});

test('a side is told by its label; a sentence without a school names none', () => {
  expect(schoolSetTo('B1', 'never')).toBe('school “Blasting car panels” set to “Never”');
  expect(schoolsIn(`Papers in stock, or ${schoolSetTo('K1', 'fine')}`)).toEqual(['K1']);
  expect(schoolsIn('Papers in stock.')).toEqual([]);
});
