import { MAP, pieceShare, zoneMap } from './zone-map-geometry';

test('the band along the edges takes its share of the picture', () => {
  const { field } = zoneMap(2, 0.6, 0, []);
  const whole = (MAP.width - 2 * MAP.margin) * (MAP.height - 2 * MAP.margin);
  expect(1 - ((field?.width ?? 0) * (field?.height ?? 0)) / whole).toBeCloseTo(0.3, 6);
});

test('a thin band can still be seen, no band is no line', () => {
  expect(zoneMap(100, 0.1, 0, []).field?.x).toBeGreaterThanOrEqual(MAP.margin + 7);
  expect(zoneMap(1, 0, 0, []).field).toBeNull();
  expect(zoneMap(0, 0, 0, []).field).toBeNull();
});

test('edges never swallow the field', () => {
  const { field } = zoneMap(1, 5, 0, []);
  expect(field?.width).toBeGreaterThan(0);
  expect(field?.height).toBeGreaterThan(0);
});

test('crevices and what must not be touched are marked', () => {
  const map = zoneMap(1, 0, 0.1, ['threads', 'glass', 'vents', 'rubber']);
  expect(map.crevice).toMatch(/^M /);
  expect(map.marks.map(({ label }) => label)).toEqual(['threads', 'glass', 'vents']);
  expect(zoneMap(1, 0, 0, []).crevice).toBeNull();
});

test('shares are read in per cent, never nought', () => {
  const piece = { place: 'edges', method: 'mech.quick-change', name: '', area: 0.002, hand: 1 } as const;
  expect(pieceShare(piece, 1)).toBe('Edges, 25 mm, 1 %');
  expect(pieceShare({ ...piece, area: 0.24 }, 1)).toBe('Edges, 25 mm, 24 %');
  expect(pieceShare(piece, 0)).toBe('Edges, 25 mm');
});
