import { degC, m2, percent } from '../units/quantities.ts';
import { JOB_FORMAT, type Condition, type Job, type Part, type Zone } from './job.ts';

/** Where new ids come from; the core has no random source of its own. */
export type NewId = () => string;

export const newJob = (name: string): Job => ({
  format: JOB_FORMAT,
  name,
  item: { kind: 'vehicle', description: '', year: null, service: 'outside' },
  place: {
    indoors: true,
    kind: 'workshop',
    temperature: degC(18),
    humidity: percent(55),
    extraction: false,
    metal: null,
    wind: null,
    paintHours: null,
    room: null,
    airFlow: null,
    gateReasons: {},
  },
  finish: null,
  parts: [],
  orders: [],
  start: null,
  priority: 'usual',
  due: null,
  pins: [],
  progress: [],
  plans: [],
  decisionNotes: [],
  notes: '',
  archived: false,
});

export const CLEAN: Condition = {
  rustGrade: 'none',
  pitted: false,
  perforated: false,
  contamination: [],
  history: 'known',
  letGo: null,
  lead: 'not-tested',
  chromate: 'not-tested',
  asbestos: 'not-tested',
  organotin: 'not-tested',
  tar: 'not-tested',
  crosscut: null,
};

export const newZone = (name: string, newId: NewId): Zone => ({
  id: newId(),
  name,
  shape: { kind: 'entered', area: m2(1) },
  orientation: 'up',
  access: 'flat',
  stack: [],
  condition: CLEAN,
  edgeLength: null,
  creviceArea: null,
  target: { kind: 'bare' },
  choice: null,
  tests: [],
  lay: null,
  blast: null,
  finds: [],
  filling: null,
  patches: [],
  system: null,
  films: {},
  laidWith: {},
  moisture: null,
  design: null,
  sides: null,
  systemReason: '',
  leftOut: [],
});

/** What a part starts with besides its name and material. */
export const NEW_PART: Pick<Part, 'role' | 'contents' | 'service' | 'alloy' | 'metal' | 'mass' | 'bareAt' | 'photos' | 'mesh'> = {
  role: 'not-said',
  contents: 'not-said',
  service: null,
  alloy: '',
  metal: null,
  mass: null,
  bareAt: null,
  photos: [],
  mesh: null,
};
