import type { Operation, OperationKind } from '../model/operation.ts';
import type { DefectKind } from '../model/run.ts';
import { DEFECTS, type Sign } from './defect-causes.ts';
import type { Deviation } from './deviations.ts';
import type { Run } from './fold-run.ts';
import { holdState } from './hold-check.ts';
import { isChecked } from './run-steps.ts';

/** °C and % past which air is called cold or warm for paint where the product says nothing; model assumption. */
const WARM = 27;

/** A likely cause with what the job's own record has for and against it. */
export interface Cause {
  readonly says: string;
  readonly evidence: readonly string[];
  readonly against: readonly string[];
}

interface Told {
  readonly run: Run;
  readonly operations: readonly Operation[];
  readonly deviations: readonly Deviation[];
}

/**
 * Likely causes of a defect of a zone, the likeliest first: those for which the record speaks most, less what speaks against them; without a record in the order of the
 * trade. Evidence, never proof.
 */
export function causesOf(kind: DefectKind, zone: string, told: Told): Cause[] {
  return DEFECTS[kind].causes
    .map(({ says, signs, against }, i) => {
      const [pro, con] = [signs.flatMap((sign) => seen(sign, zone, told)), against.flatMap((sign) => seen(sign, zone, told))];
      return { says, evidence: [...new Set(pro)], against: [...new Set(con)], rank: pro.length - con.length, i };
    })
    .sort((a, b) => b.rank - a.rank || a.i - b.i)
    .map(({ says, evidence, against }) => ({ says, evidence, against }));
}

/** What the record has of a sign on a zone, in words; empty: nothing. */
function seen(sign: Sign, zone: string, { run, operations, deviations }: Told): string[] {
  const here = operations.filter(({ faces }) => faces.some((face) => face.zone === zone));
  const ids = new Set(here.map(({ id }) => id));
  const recorded = new Set([...run.works.keys()].map(operationIn));
  switch (sign.sign) {
    case 'too late':
    case 'too soon':
      return deviations.filter((own) => own.kind === sign.sign && own.what === sign.what && ids.has(own.operation)).map(({ says }) => says);
    case 'hold missed':
      return ofKind(here, sign.kind).flatMap(({ id, title }) => {
        const { state } = holdState(run, id);
        const failed = (run.holds.get(id) ?? []).some(({ met }) => !met);
        return failed || state === 'let go'
          ? [`the hold point of “${title}” was ${state === 'let go' ? 'let go in writing' : 'not met at first'}`]
          : [];
      });
    case 'hold met':
      return ofKind(here, sign.kind).flatMap((own) => {
        const all = run.holds.get(own.id) ?? [];
        return isChecked(own) && all.length > 0 && all.every(({ met }) => met) ? [`the hold point of “${own.title}” was met at once`] : [];
      });
    case 'left out': {
      const own = ofKind(here, sign.kind);
      if (own.length === 0 || own.some(({ id }) => recorded.has(id))) return [];
      return here.some(({ id, number }) => recorded.has(id) && number > (own[0]?.number ?? Infinity))
        ? [`“${own[0]?.title ?? ''}” was never ticked off`]
        : [];
    }
    case 'done':
      return ofKind(here, sign.kind).flatMap(({ id, title }) => (recorded.has(id) ? [`“${title}” was done`] : []));
    case 'damp':
    case 'cold':
    case 'warm':
      return here.flatMap(({ id, title, coat }) => {
        const air = coat && [...run.works.values()].find(({ work }) => operationIn(work) === id)?.air;
        if (!coat || !air) return [];
        const out = { damp: air.humidity > coat.dampest, cold: (air.surface ?? air.temperature) < coat.coldest, warm: air.temperature > WARM }[
          sign.sign
        ];
        return out ? [`“${title}” was laid at ${air.temperature} °C and ${Math.round(air.humidity)} %`] : [];
      });
    case 'film thin':
    case 'film thick':
      return here.flatMap(({ id }) =>
        (run.holds.get(id) ?? []).filter(({ met, note }) => !met && (sign.sign === 'film thin' ? THIN : THICK).test(note)).map(({ note }) => note),
      );
    case 'past its date':
      return deviations.filter(({ kind, operation }) => kind === 'after expiry' && ids.has(operation)).map(({ says }) => says);
  }
}

const THIN = /^Too thin|under 80 %/;
const THICK = /^Too thick|over 120 %/;

const ofKind = (operations: readonly Operation[], kind: OperationKind): Operation[] => operations.filter((own) => own.kind === kind);

/** A piece of work is named after its operation, "…:mix2", "…:lift". */
const operationIn = (work: string): string => work.split(':')[0] ?? work;
