import type { Part, Place, Zone } from '../model/job.ts';
import { newJob, type NewId } from '../model/new-job.ts';
import { PART_TEMPLATES } from '../templates/part-templates.ts';
import { partFromTemplate } from '../templates/part-template.ts';
import { degC, m3, m3PerHour, percent } from '../units/quantities.ts';

export type PartChange = (part: Part) => Part;

/** Parts like these the made-up shop has had tested: a laboratory found no lead. */
const TESTED: readonly string[] = [
  'factory-panel',
  'alloy-frame',
  'alloy-wheel',
  'aircraft-skin',
  'steel-tank',
  'carbon-tube',
  'yacht-bottom',
  'olefin-bumper',
  'abs-fairing',
  'grp-bonnet',
];
const noLead = (zone: Zone): Zone => ({ ...zone, condition: { ...zone.condition, lead: 'lab-clear' } });

/** Makes parts from templates, with ids that start with a prefix. */
export function builder(prefix: string): (templateId: string, change: PartChange) => Part {
  let count = 0;
  const newId: NewId = () => `${prefix}${(count += 1)}`;
  return (templateId, change) => {
    const template = PART_TEMPLATES.find(({ id }) => id === templateId);
    if (!template) throw new RangeError(`no template ${templateId}`);
    const part = partFromTemplate(template, newId);
    return change(TESTED.includes(templateId) ? { ...part, zones: part.zones.map(noLead) } : part);
  };
}

/** Names of a part and its zones, and what is different about the zones. */
export const named =
  (name: string, zones: readonly string[], change: (zone: Zone, i: number) => Zone = (zone) => zone): PartChange =>
  (part) => ({ ...part, name, zones: part.zones.map((zone, i) => change({ ...zone, name: zones[i] ?? zone.name }, i)) });

/** The workshop of the made-up shop on a day of so many °C and % humidity. */
export const inTheShop = (temperature: number, humidity: number): Place => ({
  ...newJob('').place,
  temperature: degC(temperature),
  humidity: percent(humidity),
  extraction: true,
  room: m3(420),
  airFlow: m3PerHour(9000),
});
