import { draggedThickness, drawSection, reliefPath, type SectionFilm } from './section-geometry';

const film = (id: string, thickness: number): SectionFilm => ({ id, name: id, thickness, colour: '#000', worn: false, fresh: false, under: null });

test('films are to scale and stand on each other above the substrate', () => {
  const { films, scale, top, substrateY } = drawSection([film('a', 20), film('b', 60)], 270, 14);
  expect(films[1]?.height).toBeCloseTo(3 * (films[0]?.height ?? 0), 9);
  expect((films[0]?.y ?? 0) + (films[0]?.height ?? 0)).toBeCloseTo(substrateY, 9);
  expect(top).toBeCloseTo(14, 9);
  expect(substrateY - top).toBeCloseTo(80 * scale, 9);
});

test('labels of very thin films keep their distance and stay in order', () => {
  const { films } = drawSection([film('a', 5), film('b', 5), film('c', 5), film('d', 500), film('e', 5), film('f', 5)], 270, 14);
  const at = films.map(({ labelY }) => labelY);
  at.slice(1).forEach((y, i) => expect((at[i] ?? 0) - y).toBeGreaterThanOrEqual(19 - 1e-9));
});

test('one thin film does not fill the picture', () => {
  expect(drawSection([film('a', 10)], 270, 14).films[0]?.height).toBeLessThan(60);
});

test('dragging an edge up thickens by the same length, never below 1 µm', () => {
  expect(draggedThickness(40, -20, 2)).toBe(50);
  expect(draggedThickness(40, 500, 2)).toBe(1);
});

test('grooves are to scale and go no deeper than what lies below', () => {
  const on = (depth: number) => ({ ...film('b', 100), under: { kind: 'scratch' as const, depth } });
  const { films, scale } = drawSection([film('a', 100), on(20)], 270, 14);
  expect(films[1]?.fills).toBeCloseTo(20 * scale, 9);
  expect(films[0]?.fills).toBe(0);
  const [, deep] = drawSection([film('a', 10), on(500)], 270, 14).films;
  expect(deep?.fills).toBeLessThan(10 * drawSection([film('a', 10), on(500)], 270, 14).scale);
});

test('an outline of grooves starts and ends on its line and is as deep as told', () => {
  const steps = [...reliefPath('scratch', 150, 80, 12).matchAll(/l([\d.-]+) ([\d.-]+)/g)].map(([, dx, dy]) => [Number(dx), Number(dy)] as const);
  expect(steps.reduce((sum, [dx]) => sum + dx, 0)).toBeCloseTo(150, 6);
  expect(steps.reduce((sum, [, dy]) => sum + dy, 0)).toBeCloseTo(0, 6);
  expect(Math.max(...steps.map(([, dy]) => dy))).toBe(12);
  expect(reliefPath('blast', 150, 80, 0.2)).toBe('');
});
