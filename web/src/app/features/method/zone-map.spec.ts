import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { CATALOGUE, DEMO_JOBS, DEMO_SHOP, planJob, type Job, type MethodOption, type Part } from '@lift-bare/core';
import { Units } from '../../ui/units.service';
import { ZoneMapPicture } from './zone-map';

const job = DEMO_JOBS[0] as Job;
const part = job.parts[0] as Part;
const zone = planJob(job, DEMO_SHOP, CATALOGUE).zones.find(({ part: of }) => of === part.id) ?? planJob(job, DEMO_SHOP, CATALOGUE).zones[0];
if (!zone) throw new Error('the demo has no zone');
const composed = zone.options.find(({ pieces }) => pieces.some(({ place }) => place === 'edges')) as MethodOption;
const whole = zone.options.find(({ pieces }) => pieces.length === 1) as MethodOption;

async function map(option: MethodOption, features: Part['features'] = []) {
  TestBed.configureTestingModule({
    providers: [provideZonelessChangeDetection(), { provide: Units, useValue: { show: (value: number) => `${value.toFixed(2)} m²` } }],
  });
  const fixture = TestBed.createComponent(ZoneMapPicture);
  fixture.componentRef.setInput('zone', zone);
  fixture.componentRef.setInput('option', option);
  fixture.componentRef.setInput('part', { ...part, features });
  await fixture.whenStable();
  const svg = (fixture.nativeElement as HTMLElement).querySelector('svg') as SVGElement;
  return { svg, text: svg.textContent ?? '', label: svg.getAttribute('aria-label') ?? '' };
}

test('edges that take another tool are drawn apart, with both areas', async () => {
  const { svg, text } = await map(composed);
  expect(svg.querySelector('rect.field')).not.toBeNull();
  for (const { place, area } of composed.pieces.filter((piece) => piece.place !== 'crevices'))
    expect(text).toContain(`${place} ${area.toFixed(2)} m²`);
});

test('one method for all is one face', async () => {
  const { text } = await map(whole);
  expect(text).not.toContain('edges');
});

test('the picture says in words what each piece is done with', async () => {
  const { label } = await map(composed);
  for (const { name } of composed.pieces) expect(label).toContain(name);
});

test('what no tool may touch is marked; what merely belongs to the part is not', async () => {
  const { svg, text } = await map(composed, ['threads', 'glass', 'heavy']);
  expect(svg.querySelectorAll('circle.off')).toHaveLength(2);
  expect(text).toMatch(/threads/i);
  expect(text).not.toMatch(/heavy/i);
});
