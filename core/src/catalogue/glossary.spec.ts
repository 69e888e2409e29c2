import { findTerms, GLOSSARY, termNamed } from './glossary.ts';

test('one word stands for one thing: no name or other name twice', () => {
  const names = GLOSSARY.flatMap(({ name, also }) => [name, ...also]).map((name) => name.toLowerCase());
  expect(names.filter((name, i) => names.indexOf(name) !== i)).toEqual([]);
  expect(GLOSSARY.length).toBeGreaterThan(50);
});

test.each(GLOSSARY.map((own) => [own.name, own] as const))(
  '%s is said in one or two sentences, and what it points to is there',
  (name, { means, see }) => {
    expect(means).toMatch(/^[A-Z].*[.]$/);
    expect(means.length).toBeLessThanOrEqual(170);
    expect(see).not.toContain(name);
    for (const other of see) expect(GLOSSARY.map((own) => own.name)).toContain(other);
  },
);

test('what others call it leads to it, and its name comes first', () => {
  expect(findTerms('DFT').map(({ name }) => name)).toEqual(['dry film']);
  expect(findTerms('2k')[0]?.name).toBe('two-pack');
  expect(findTerms('key')[0]?.name).toBe('key');
  expect(findTerms('film wet')[0]?.name).toBe('wet film');
  expect(findTerms('')).toHaveLength(GLOSSARY.length);
  expect(findTerms('no such word here')).toEqual([]);
});

test('a word is found by its name alone', () => {
  expect(termNamed('hand time')?.means).toMatch(/^Minutes/);
  expect(termNamed('hands')).toBeNull();
});
