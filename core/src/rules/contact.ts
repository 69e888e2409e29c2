import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Finding } from '../model/finding.ts';
import type { GritId } from '../model/ids.ts';
import { rulesFor } from './method-rules.ts';
import { anyFires, judge } from './rule.ts';

/** Rules about what a method does to a whole stack, or about kit: a contact that is no method of its own is not asked them. */
const BULK_ONLY = new Set([
  'keep-asks',
  'keep-stays',
  'keep-unsound',
  'nothing-to-lift',
  'scraper-loose-only',
  'brush-alone',
  'pad-alone',
  'down-to-control',
  'not-paint',
]);
const TOOL_RULES = rulesFor({ family: 'mech' }).filter(({ id, effect }) => effect === 'rule-out' && !BULK_ONLY.has(id));

/** Whether the rules let a hand tool touch this face: key, edge band, specks, rust and bonds as well as the method. */
export const mayTouch = (zone: ZoneFacts, method: Method): boolean => !anyFires(TOOL_RULES, { zone, method, strip: null });

/** The rules that refuse it. */
export const refusedTouch = (zone: ZoneFacts, method: Method): Finding[] => judge(TOOL_RULES, { zone, method, strip: null }, zone.path);

/** A sanding tool with another paper on. */
export const withGrit = (method: Extract<Method, { family: 'mech' }>, grit: GritId): Extract<Method, { family: 'mech' }> => ({
  ...method,
  cuts: grit,
});
