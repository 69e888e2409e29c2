import type { Feature } from '../model/job.ts';

/** What a blast must not touch, and what is plugged, by feature of the part; common practice, no source. */
export const KEEP_OFF: Partial<Record<Feature, string>> = {
  'precision-ways': 'machined ways: masked with rubber and tape',
  glass: 'glass: covered, or taken out by us',
  rubber: 'rubber and seals',
  sensors: 'sensors and antennas',
  anodes: 'anodes',
  'adhesive-joints': 'bonded joints: 50 mm clear on both sides',
  tyre: 'tyre and valve',
  'id-plate': 'identification plate: covered',
  'friction-lining': 'friction lining',
};
export const PLUG: Partial<Record<Feature, string>> = {
  threads: 'threads: bolts or plugs in',
  'bearing-seats': 'bearing seats: plugged on both sides',
  seams: 'seams and laps: taped, no jet into them',
  vents: 'vents and drain holes',
  'sealed-hollow': 'hollow sections: plugged, blown out afterwards',
  'fuel-tank': 'tank openings: plugged; purged and certified by us',
};

/** What holds for every order; common practice, no source. */
export const TERMS: readonly string[] = [
  'Medium and maximum pressure as written, nothing else without a call. Medium with less than 1 % free silica, dry and sieved.',
  'Pressure is at the nozzle, by needle gauge.',
  'A test spot on the least visible place first; stop and call when it warps, pits or shows filler.',
  'Count and condition are signed for, going and coming back.',
  'Blasted on the day of collection; the hour is written on the ticket, for the primer clock runs from then. Handled with clean gloves, dry, no film of oil.',
];
