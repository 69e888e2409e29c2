import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { CATALOGUE, DEMO_JOBS, DEMO_SHOP, planJob, type Job, type Operation } from '@lift-bare/core';
import { JobContext } from '../state/job-context';
import { zoneContext } from '../testing/zone-context';
import { OperationLine } from './operation-line';
import { operationsOf } from './operations-of';
import { Units } from './units.service';

const { operations, zones } = planJob(DEMO_JOBS[0] as Job, DEMO_SHOP, CATALOGUE);
const units = {
  hands: (value: number) => `${Math.round(value)} min`,
  minutes: (value: number) => `${Math.round(value)} min`,
  show: (value: number) => `${value}`,
  text: (text: string) => text,
};

const textOf = (root: HTMLElement): string => root.textContent?.replace(/\s+/g, ' ') ?? '';

async function drawn(operation: Operation, zone: string | null = null): Promise<ComponentFixture<OperationLine>> {
  TestBed.resetTestingModule().configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      { provide: Units, useValue: units },
      { provide: JobContext, useValue: zoneContext(/^Baggage/, /^Bonnet/) },
    ],
  });
  const fixture = TestBed.createComponent(OperationLine);
  fixture.componentRef.setInput('operation', operation);
  fixture.componentRef.setInput('among', operations);
  fixture.componentRef.setInput('zone', zone);
  await fixture.whenStable();
  return fixture;
}
const line = async (operation: Operation, zone: string | null = null): Promise<string> =>
  textOf((await drawn(operation, zone)).nativeElement as HTMLElement);
const shared = operations.find(({ kind, faces }) => kind === 'coat' && faces.length > 2) as Operation;

test('the run sheet shows all places and all hands, a zone its own share and with whom it is done', async () => {
  const [whole, own] = [await line(shared), await line(shared, shared.faces[0]?.zone ?? '')];
  for (const { name } of shared.faces) expect(whole).toContain(name);
  expect(whole).toContain(`${Math.round(shared.hand)} min hands`);
  expect(own).toContain(`Together with ${shared.faces[1]?.name}`);
  expect(own).toContain(`${Math.round(shared.faces[0]?.hand ?? 0)} min hands`);
});

test('what is left out says so with its reason, a stop says stop', async () => {
  expect(await line({ ...shared, against: 'the sheet of the primer says so' })).toMatch(
    /against the rules.*Chosen all the same: “the sheet of the primer says so”/,
  );
  expect(await line({ ...shared, stop: 'A crack.' })).toMatch(/stop/);
});

test('shares of the hands of all zones add up to those of the operations that are no set-up of a mix', () => {
  const counted = operations.filter(({ kind, coat }) => kind !== 'coat' || coat?.pass !== 1);
  const shares = zones.flatMap(({ zone }) => operationsOf(counted, zone, 'set-up', 'strip', 'bare', 'build', 'finish').map(({ own }) => own));
  expect(shares.reduce((sum, own) => sum + own, 0)).toBeCloseTo(
    counted.reduce((sum, { hand }) => sum + hand, 0),
    6,
  );
});

test('why it stands here is told when it is asked for, and put away again', async () => {
  const fixture = await drawn(shared);
  const root = fixture.nativeElement as HTMLElement;
  const ask = root.querySelector<HTMLButtonElement>('button[aria-expanded]');
  const press = async () => {
    ask?.click();
    await fixture.whenStable();
    return [ask?.getAttribute('aria-expanded'), /Sooner: .*Later: /.test(textOf(root))];
  };
  expect(textOf(root)).not.toContain('Sooner:');
  expect(await press()).toEqual(['true', true]);
  expect(await press()).toEqual(['false', false]);
});
