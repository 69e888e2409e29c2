/** Made-up problems in the manner of project scheduling with least and greatest lags: chains of faces that meet in common coats, people, one booth. */

const DAY = 1440;
const DAYS = 60;

/** Numbers between 0 and 1 from a seed; a linear congruence is enough to make problems up. */
export function randomFrom(seed) {
  let state = (seed * 2654435761 + 1) % 4294967296;
  return () => (state = (state * 1664525 + 1013904223) % 4294967296) / 4294967296;
}

const workWeek = () =>
  Array.from({ length: DAYS }, (_, day) => day)
    .filter((day) => day % 7 < 5)
    .flatMap((day) => [
      { from: day * DAY + 480, to: day * DAY + 720 },
      { from: day * DAY + 780, to: day * DAY + 1020 },
    ]);

/** @param size about so many activities; @param people so many workers, some of whom may not do all */
export function madeUp(seed, size, people) {
  const random = randomFrom(seed);
  const whole = (least, most) => least + Math.floor(random() * (most - least + 1));
  const activities = [];
  const spans = [];
  const add = (hand, plant = null) =>
    activities.push({
      id: `a${activities.length}`,
      operation: { title: `a${activities.length}`, raises: [] },
      zones: [],
      phase: 'whole',
      piece: null,
      hand,
      split: false,
      shared: false,
      plant,
    }) - 1;
  const span = (from, to, least, most = null) => spans.push({ from, to, least, most, what: most === null ? null : 'prime', missed: null });
  const faces = Math.max(1, Math.round(size / 9));
  const ready = [];
  for (let face = 0; face < faces; face++) {
    let last = add(whole(10, 60));
    const rounds = whole(0, 2);
    for (let round = 0; round < rounds; round++) {
      const lay = add(whole(5, 30));
      span(last, lay, 0);
      const lift = add(whole(10, 60));
      const dwell = whole(20, 700);
      span(lay, lift, dwell, dwell + whole(60, 900));
      last = lift;
    }
    const key = add(whole(10, 90));
    span(last, key, random() < 0.3 ? whole(15, 60) : 0);
    let before = key;
    for (let step = whole(1, 3); step > 0; step--) {
      const next = add(whole(5, 25));
      span(before, next, random() < 0.3 ? whole(10, 30) : 0);
      before = next;
    }
    ready.push({ key, last: before, most: random() < 0.7 ? whole(360, 900) : null });
  }
  let from = null;
  const mixes = whole(1, 2);
  for (let mix = 0; mix < mixes; mix++) {
    const own = ready.filter((_, i) => i % mixes === mix);
    if (own.length === 0) continue;
    const first = add(whole(20, 60), 'booth');
    for (const { key, last, most } of own) {
      span(last, first, 0);
      if (most !== null) span(key, first, 0, most);
    }
    const second = add(whole(10, 40), 'booth');
    span(first, second, whole(15, 60), whole(1440, 5760));
    from = add(whole(20, 90));
    span(second, from, whole(200, 700));
  }
  const may = activities.map(() => {
    const all = Array.from({ length: people }, (_, i) => i).filter(() => random() < 0.75);
    return all.length > 0 ? all : [whole(0, people - 1)];
  });
  const spells = workWeek();
  const crew = Array.from({ length: people }, (_, i) => ({ person: null, name: `p${i}`, spells, longest: 240, longestDay: 480 }));
  return {
    network: { activities, spans },
    crew,
    may,
    from: activities.map(() => 0),
    times: activities.map(() => null),
    pinned: activities.map(() => false),
    fixed: activities.map(() => null),
  };
}
