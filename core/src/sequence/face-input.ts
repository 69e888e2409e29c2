import type { Method } from '../catalogue/methods.ts';
import type { TreatmentId } from '../catalogue/treatments.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { AbradePlan } from '../model/abrade-plan.ts';
import type { BarePlan } from '../model/bare.ts';
import type { BuildPlan } from '../model/build.ts';
import type { FillingPlan } from '../model/filling.ts';
import type { Repair } from '../model/find.ts';
import type { MethodOption } from '../model/plan.ts';

/** What has been answered about a zone, from which its work follows. */
export interface FaceInput {
  readonly facts: ZoneFacts;
  readonly method: Method | null;
  readonly option: MethodOption | null;
  readonly bare: BarePlan;
  /** treatments of rust that are used */
  readonly used: ReadonlySet<TreatmentId>;
  readonly repairs: readonly Repair[];
  readonly filling: FillingPlan | null;
  readonly abrade: AbradePlan | null;
  readonly build: BuildPlan | null;
}

/** What rules about the method ask for before or with it. */
export const required = ({ option }: FaceInput, code: string) =>
  option?.findings.find((finding) => finding.code === code && finding.severity === 'require');

/** Part and zone as written on the sheet. */
export const placeName = (part: string, zone: string): string => `${part}: ${zone}`;

/** Whether a coating comes off, and is not only keyed or waxed over. */
export const stripped = ({ facts, method }: FaceInput): boolean => facts.off.length > 0 && method?.family !== 'keep';

/** A hollow whose coating stays under wax. */
export const waxed = ({ method }: Pick<FaceInput, 'method'>): boolean => method?.id === 'keep.wax';
