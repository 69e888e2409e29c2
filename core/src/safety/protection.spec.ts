import { sampleFacts, sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Method } from '../catalogue/methods.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import { planJob } from '../plan-job.ts';
import { protectionFor } from './protection.ts';

const worn = (id: string, sample: Sample = {}) => protectionFor(CATALOGUE.methods[id] as Method, sampleFacts(sample)).join('; ');

/** Common practice, no source; data sheets and local codes decide. */
describe('what to wear', () => {
  test('every stripper: gauntlets, goggles, face shield, apron, water within reach', () => {
    for (const { id, family } of Object.values(CATALOGUE.methods))
      if (family === 'chem') for (const piece of ['goggles', 'face shield', 'apron', 'water within reach']) expect(worn(id)).toContain(piece);
  });
  test('chlorinated solvent goes through nitrile: laminate gloves and supplied air, never cartridges', () => {
    expect(worn('chem.dcm')).toContain('laminate or PVA');
    expect(worn('chem.dcm')).toContain('supplied air');
    expect(worn('chem.dcm')).not.toMatch(/(^|; )organic-vapour/);
  });
  test('blast: supplied-air helmet, leather, hearing', () => {
    expect(worn('blast.garnet')).toMatch(/supplied-air blast helmet.*leather.*hearing/);
  });
  test('grinders: face shield and hearing; dry dust: a respirator, not a dust mask', () => {
    expect(worn('mech.nonwoven-disc')).toMatch(/face shield.*hearing/);
    expect(worn('mech.da')).toContain('P100 or FFP3');
  });
  test('leaded paint is worked with a respirator even when wet', () => {
    expect(worn('mech.hand-wet')).not.toContain('P100');
    expect(worn('mech.hand-wet', { condition: { lead: 'suspected' } })).toContain('P100');
  });
});

describe('on the run sheet', () => {
  test('no strip or spray step is without protection, unless somebody else does it', () => {
    for (const job of DEMO_JOBS)
      for (const { stage, title, protection, where } of planJob(job, DEMO_SHOP, CATALOGUE).operations)
        if (
          (stage === 'strip' || stage === 'build') &&
          !/^(At the contractor|On site|Slipway|Delivery|Stripper station|Blast|Caustic tub)/.test(title)
        )
          expect([title, where, protection.length > 0]).toEqual([title, where, true]);
  });
  test('isocyanate is sprayed under supplied air first', () => {
    const { operations: steps } = planJob(sampleJob(), sampleShop(), CATALOGUE);
    expect(steps.find(({ title }) => title.startsWith('Two-pack solid colour'))?.protection[0]).toContain('supplied air');
  });
  test('no step ever calls itself safe', () => {
    for (const job of DEMO_JOBS)
      for (const { title, detail, cautions } of planJob(job, DEMO_SHOP, CATALOGUE).operations)
        expect([title, detail, ...cautions].join(' ')).not.toMatch(/\b(is|are) safe\b/);
  });
});
