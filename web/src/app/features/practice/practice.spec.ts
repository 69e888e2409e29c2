import { TestBed } from '@angular/core/testing';
import { DEFAULT_SHOP, PRACTICE_CASES, setUpPractice, type Seen } from '@lift-bare/core';
import { of } from 'rxjs';
import { LocalStore } from '../../state/local-store';
import { actionWords, choicesOf } from './action-words';
import { hiddenWords } from './hidden-words';
import { PracticeBench } from './practice-bench';
import { seenWords } from './seen-words';

const CASE = { kind: 'book', id: 'toolbox-lid' } as const;
const practice = setUpPractice(CASE, 5, 1, DEFAULT_SHOP);

function bench(kept: unknown = undefined): { readonly play: PracticeBench; readonly store: { keep: jest.Mock; drop: jest.Mock } } {
  const store = { get: () => of(kept), keep: jest.fn(), drop: jest.fn() };
  TestBed.configureTestingModule({ providers: [PracticeBench, { provide: LocalStore, useValue: store }] });
  const play = TestBed.inject(PracticeBench);
  play.setUp('toolbox-lid 5 1', CASE, 5, 1, DEFAULT_SHOP);
  return { play, store };
}

describe('the practice bench', () => {
  test('keeps what was done, with the minute it was done at; once over, nothing more', () => {
    const { play, store } = bench();
    play.skip(4);
    play.do({ does: 'test', test: 'magnet' });
    play.skip(10);
    play.do({ does: 'give-up' });
    play.do({ does: 'rinse' });
    expect(play.events().map(({ at, action }) => [at, action.does])).toEqual([
      [4, 'test'],
      [14.5, 'give-up'],
    ]);
    expect(play.over()).toBe(true);
    expect(store.keep).toHaveBeenCalledTimes(1);
    expect(store.drop).toHaveBeenCalled();
  });

  test('goes on where this browser left it, and takes no nonsense', () => {
    const { play } = bench({ events: [{ at: 2, action: { does: 'test', test: 'gauge' } }], minute: 33 });
    expect(play.now()).toBe(33);
    expect(play.seen()?.at).toBeCloseTo(33, 0);
    expect(play.seen()?.said).toHaveLength(1);
    TestBed.resetTestingModule();
    expect(bench('nonsense').play.seen()?.at).toBe(0);
  });
});

const seen = (more: Partial<Seen>): Seen => ({
  at: 0,
  temperature: 20 as Seen['temperature'],
  humidity: 50 as Seen['humidity'],
  stripper: null,
  top: null,
  wet: false,
  rust: 0,
  find: null,
  dusty: false,
  gouged: false,
  over: false,
  said: [],
  ...more,
});

test.each<[Partial<Seen>, string]>([
  [{}, 'Bare'],
  [{ wet: true, rust: 0.42 }, 'Bare, wet, flash rust over 40 %'],
  [{ top: { id: 'alkyd-enamel', name: 'Alkyd enamel' } }, 'Alkyd enamel on top'],
  [
    { stripper: { product: 'x', blistered: 1, wrinkled: 0.3, crust: 0.01, covered: true } },
    'Bare, stripper on it, under film, blisters all over, wrinkles over 30 %',
  ],
  [{ find: 'hole', dusty: true, gouged: true }, 'Bare, dust on it, a hole with a rusty edge, gouges from the blade'],
])('%j is seen as %s', (more, words) => {
  expect(seenWords(seen(more)).join(', ')).toBe(words);
});

test('every action has its words', () => {
  const can = choicesOf(practice);
  const all = [...can.tests, ...can.groups.flatMap(({ choices }) => choices)];
  for (const { action } of all) expect(actionWords(practice, action)).not.toBe(action.does);
  expect(actionWords(practice, { does: 'lay-on', product: can.products[0]?.ref ?? '', covered: true })).toBe('Lay on: Fast solvent gel, under film');
  expect(can.primers.length).toBeGreaterThan(5);
});

test('what was hidden is told whole', () => {
  const traps = { lead: true, salt: 150, find: 'filler', cartridge: 11, hardener: 0.64, strength: 0.7 } as const;
  const lines = hiddenWords({ ...practice.truth, ...traps, traps: ['salt', 'tired-cartridge', 'wrong-mix', 'other-metal'] }).join(' ');
  for (const word of [
    '70 % of their pace',
    'held lead',
    '150 mg/m²',
    'Old filler',
    '11 min',
    '64 % of its hardener',
    'though the card said otherwise',
  ])
    expect(lines).toContain(word);
  const hatch = setUpPractice({ kind: 'book', id: 'wheelhouse-hatch' }, 5, 1, DEFAULT_SHOP);
  expect(hiddenWords(hatch.truth).join(' ')).toMatch(/Caustic .* is not for it: no caustic on light alloy or zinc\./);
  expect(PRACTICE_CASES).toHaveLength(10);
});
