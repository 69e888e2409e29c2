import { planMasking, type MaskingPlan } from '../build/masking.ts';
import type { MixPlan } from '../build/mix.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { MASKS } from '../catalogue/masks.ts';
import { withOwnRows } from '../catalogue/own-rows.ts';
import { gatherFacts } from '../facts/zone-facts.ts';
import type { Job } from '../model/job.ts';
import type { KitLine, Plan } from '../model/plan.ts';
import type { Schedule } from '../model/schedule.ts';
import type { Shop } from '../model/shop.ts';
import { planJob } from '../plan-job.ts';
import { isChecked } from '../record/run-steps.ts';
import { stepMix } from '../record/step-mix.ts';
import { shownSchedule } from '../schedule/plan-schedule.ts';
import { methodOf } from '../method/plan-zone.ts';

/** What is weighed for one piece of work. */
export interface MixCard {
  /** of the run sheet */
  readonly number: number;
  readonly operation: string;
  readonly product: string;
  readonly where: readonly string[];
  /** ms */
  readonly start: number;
  readonly mix: MixPlan;
}

/** A hold point to tick off, or to write a reading beside. */
export interface HoldToCheck {
  readonly number: number;
  readonly title: string;
  readonly where: readonly string[];
  readonly method: string;
  readonly accept: string;
  /** null: a look or a yes */
  readonly unit: string | null;
}

/** What is covered on one part, and with what. */
export interface MaskedPart {
  readonly part: string;
  /** zones that need none have no lines, and stand in the drawing all the same */
  readonly zones: readonly MaskedZone[];
}
export interface MaskedZone {
  readonly zone: string;
  /** m² */
  readonly area: number;
  readonly items: readonly MaskedLine[];
}
export interface MaskedLine extends Pick<MaskingPlan['items'][number], 'what' | 'work' | 'how' | 'why' | 'off'> {
  /** in the drawing of its part and on the list */
  readonly number: number;
  readonly mask: string;
}

/** All that is handed to those who do a job: days, kit, mixes, masking, hold points and labels. */
export interface WorkPack {
  readonly job: string;
  readonly item: string;
  readonly schedule: Schedule;
  readonly kit: readonly KitLine[];
  readonly mixes: readonly MixCard[];
  readonly masked: readonly MaskedPart[];
  readonly holds: readonly HoldToCheck[];
  readonly labels: readonly { readonly part: string; readonly zones: readonly string[] }[];
}

/** @param now ms from which the days are laid out */
export function workPackOf(job: Job, shop: Shop, now: number, catalogue: Catalogue): WorkPack {
  const plan = planJob(job, shop, catalogue);
  const schedule = shownSchedule([{ id: 'job', job, operations: plan.operations }], shop, now);
  return {
    job: job.name,
    item: job.item.description,
    schedule,
    kit: plan.kit,
    mixes: mixCards(job, shop, plan, schedule),
    masked: maskedParts(job, shop, plan, catalogue),
    holds: plan.operations.flatMap((operation) => {
      const { number, title, where, hold } = operation;
      return hold && isChecked(operation) ? [{ number, title, where, method: hold.method, accept: hold.accept, unit: hold.unit }] : [];
    }),
    labels: job.parts.map(({ name, zones }) => ({ part: name, zones: zones.map((zone) => zone.name) })),
  };
}

/** Each mix at the piece of work that it is mixed for, in the order of the days. */
function mixCards({ place }: Job, { scale }: Shop, plan: Plan, { works }: Schedule): MixCard[] {
  const operations = new Map(plan.operations.map((own) => [own.id, own]));
  return works.flatMap((work) => {
    const operation = operations.get(work.operation);
    const mix = operation && stepMix(operation, work, plan, { celsius: place.temperature, resolution: scale });
    if (!operation?.coat || !mix) return [];
    return [{ number: work.number, operation: operation.id, product: operation.coat.name, where: work.where, start: work.start, mix }];
  });
}

function maskedParts(job: Job, shop: Shop, plan: Plan, catalogue: Catalogue): MaskedPart[] {
  const rows = withOwnRows(catalogue, shop.ownRows);
  const facts = new Map(gatherFacts(job, shop, rows).map((own) => [own.zone.id, own]));
  const zones = new Map(plan.zones.map((own) => [own.zone, own]));
  return job.parts.flatMap((part) => {
    let number = 0;
    const told = part.zones.flatMap(({ id, name }): MaskedZone[] => {
      const [own, fact] = [zones.get(id), facts.get(id)];
      if (!own || !fact || own.area === 0 || !own.chosen) return [];
      const { items } = planMasking(fact, methodOf(own.chosen, rows), own.build);
      const lines = items.map(({ what, work, mask, how, why, off }) => ({
        number: (number += 1),
        what,
        work,
        mask: MASKS[mask].name,
        how,
        why,
        off,
      }));
      return [{ zone: name, area: own.area, items: lines }];
    });
    return number === 0 ? [] : [{ part: part.name, zones: told }];
  });
}
