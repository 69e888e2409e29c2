import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { CATALOGUE, Celsius, Kilograms, Millimetres, partMass, type Part, type SubstrateId } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { BoxField } from '../../ui/box-field';
import { ChoiceField, type ChoiceOption } from '../../ui/choice-field';
import { FinishChoice } from '../../ui/finish-choice';
import { QuantityField } from '../../ui/quantity-field';
import { TextField } from '../../ui/text-field';
import { Units } from '../../ui/units.service';
import { CONTENTS_OPTIONS, FEATURE_OPTIONS, FLOAT_OPTIONS, HELD_OPTIONS, ROLE_OPTIONS, SERVICE_OPTIONS } from '../../ui/words';

const SUBSTRATE_OPTIONS: readonly ChoiceOption<SubstrateId>[] = Object.values(CATALOGUE.substrates).map(({ id, name }) => ({
  value: id,
  label: name,
}));
/** stands for the service of the whole item */
const AS_ITEM = 'as-item';

@Component({
  selector: 'lb-part-form',
  imports: [TextField, ChoiceField, FinishChoice, QuantityField, BoxField],
  template: `
    @if (context.part(); as part) {
      <div class="block"><h2>Part</h2><span class="soft small">holds for all zones of {{ part.name }}</span></div>
      <div class="form">
        <lb-text class="wide" label="Part name" [value]="part.name" [required]="true" [most]="80" (changed)="set('name', $event)" />
        <lb-choice class="wide" label="Material" [value]="part.substrate" [options]="substrates" (changed)="set('substrate', $event)" />
        @if (part.substrate === 'plastic-unmarked') {
          <lb-choice label="Float test in water" [value]="part.floats" [options]="floats" (changed)="set('floats', $event)" />
        }
        <lb-quantity label="Thickness" dimension="gauge" [schema]="millimetres" [value]="part.thickness" (changed)="set('thickness', millimetres.parse($event))" />
        <lb-choice label="Held for painting" [value]="part.held" [options]="held" (changed)="set('held', $event)" />
        <lb-finish-choice class="wide" [finish]="part.finish" [job]="context.job()?.finish ?? null" (changed)="set('finish', $event)" />
        <lb-choice label="What it is" [value]="part.role" [options]="roles" (changed)="set('role', $event)" />
        @if (part.role === 'tank' || part.features.includes('fuel-tank')) { <lb-choice label="It has held" [value]="part.contents" [options]="contents" (changed)="set('contents', $event)" /> }
        <lb-choice label="Works" [value]="part.service ?? asItem" [options]="services" (changed)="set('service', $event === asItem ? null : $any($event))" />
        <lb-text label="Alloy and temper" [value]="part.alloy" [most]="60" placeholder="if known" (changed)="set('alloy', $event)" />
        <lb-quantity label="Its temperature" dimension="temperature" [schema]="celsius" [value]="part.metal" [optional]="true" placeholder="as the place" (changed)="set('metal', celsius.parse($event))" (cleared)="set('metal', null)" />
        <lb-quantity label="Weighed" dimension="mass" [schema]="kilograms" [value]="part.mass" [optional]="true" [placeholder]="units.show(mass(part), 'mass')" (changed)="set('mass', $any($event))" (cleared)="set('mass', null)" />
        <lb-box class="wide" label="Outside size, to see what it fits in" [value]="part.box" (changed)="set('box', $event)" />
        <lb-choice class="full" label="Joined to it and within reach" [value]="part.touching" [options]="substrates" [many]="true" placeholder="nothing of another material" (changedMany)="set('touching', $event)" />
        <lb-choice class="full" label="To protect or take off" [value]="part.features" [options]="features" [many]="true" placeholder="nothing" (changedMany)="set('features', $event)" />
      </div>
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PartForm {
  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly millimetres = Millimetres;
  protected readonly kilograms = Kilograms;
  protected readonly celsius = Celsius;
  protected mass = (part: Part): number => partMass({ ...part, mass: null }).mass;
  protected readonly substrates = SUBSTRATE_OPTIONS;
  protected readonly floats = FLOAT_OPTIONS;
  protected readonly held = HELD_OPTIONS;
  protected readonly features = FEATURE_OPTIONS;
  protected readonly roles = ROLE_OPTIONS;
  protected readonly contents = CONTENTS_OPTIONS;
  protected readonly asItem = AS_ITEM;
  protected readonly services = [{ value: AS_ITEM, label: 'As the item does' }, ...SERVICE_OPTIONS];

  protected set<K extends keyof Part>(key: K, value: Part[K]): void {
    this.context.editPart(`part ${key}`, (part) => ({ ...part, [key]: value }));
  }
}
