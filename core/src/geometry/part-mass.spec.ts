import { sampleJob } from '../../testing/sample.ts';
import type { Part, Zone } from '../model/job.ts';
import { kg, m2, metres as m, mm } from '../units/quantities.ts';
import { partMass, piecesOf } from './part-mass.ts';

const base = sampleJob().parts[0] as Part;
const part = (shape: Zone['shape'], more: Partial<Part> = {}, zone: Partial<Zone> = {}): Part => ({
  ...base,
  thickness: mm(2),
  ...more,
  zones: [{ ...(base.zones[0] as Zone), shape, ...zone }],
});
const sheet = { kind: 'rectangle', width: m(1), height: m(1), count: 1 } as const;

/** Densities of steel 7.85, aluminium 2.70: general materials tables, from memory. */
test('a square metre of 2 mm steel weighs 15.7 kg, of aluminium 5.4', () => {
  expect(partMass(part(sheet)).mass).toBeCloseTo(15.7, 6);
  expect(partMass(part(sheet, { substrate: 'aluminium-sheet' })).mass).toBeCloseTo(5.4, 6);
});

test('both faces of a panel are one wall, and the inside of a section is no second one', () => {
  const panel = { kind: 'panel', width: m(1), height: m(1), crown: 0, openings: null, count: 1 } as const;
  expect(partMass(part({ ...panel, faces: 2 })).mass).toBeCloseTo(partMass(part({ ...panel, faces: 1 })).mass, 9);
  expect(partMass(part(sheet, {}, { access: 'inside' })).mass).toBe(0);
});

test('a closed mesh counts by its volume, shared by area', () => {
  const mesh = {
    file: null,
    name: 'a.stl',
    unit: 'mm',
    up: 'z',
    triangles: 12,
    area: m2(2),
    facing: { up: 1, vertical: 0, down: 1 },
    volume: 0.01,
    box: { length: m(1), width: m(1), height: m(1) },
  } as const;
  expect(partMass(part({ kind: 'mesh', facing: 'up', area: m2(1), count: 1 }, { mesh })).mass).toBeCloseTo(7.85 * 5, 6);
});

test('the scale counts before the sum, and the box bounds it', () => {
  expect(partMass(part(sheet, { mass: kg(12) }))).toEqual({ mass: 12, from: 'scale' });
  const box = { length: m(0.1), width: m(0.1), height: m(0.1) };
  expect(partMass(part(sheet, { box, thickness: mm(200) })).mass).toBeCloseTo(7.85, 6);
});

test('pieces are the largest count of its zones', () => {
  expect(piecesOf(part({ ...sheet, count: 4 }))).toBe(4);
  expect(piecesOf(part({ kind: 'entered', area: m2(1) }))).toBe(1);
});
