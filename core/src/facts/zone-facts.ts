import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Coating } from '../catalogue/coatings.ts';
import type { Finish } from '../catalogue/finishes.ts';
import type { Substrate } from '../catalogue/substrates.ts';
import { shapeArea } from '../geometry/shape-area.ts';
import type { DocPath } from '../model/finding.ts';
import type { SubstrateId } from '../model/ids.ts';
import type { Feature, Job, Layer, Part, Place, Service, Zone } from '../model/job.ts';
import type { Shop } from '../model/shop.ts';
import { mayHoldAsbestos, mayHoldChromate, mayHoldLead, mayHoldOrganotin, mayHoldTar } from './suspicion.ts';
import { withoutSetAside } from '../record/own-use.ts';
import { paceBook, type PaceBook } from '../record/pace-book.ts';
import { m2, type SquareMetres } from '../units/quantities.ts';

export interface LayerFact {
  readonly layer: Layer;
  readonly coating: Coating;
}

/** All that rules and models look at for one zone, gathered once from job, shop and catalogue. */
export interface ZoneFacts {
  readonly path: DocPath;
  readonly job: Job;
  readonly shop: Shop;
  readonly part: Part;
  readonly zone: Zone;
  readonly substrate: Substrate;
  readonly finish: Finish | null;
  /** rows that layers, patches and earlier jobs name */
  readonly coatings: Catalogue['coatings'];
  /** m², 0 while unknown */
  readonly area: SquareMetres;
  /** Layers that come off, from the wet face down, and those that stay, top first. */
  readonly off: readonly LayerFact[];
  readonly kept: readonly LayerFact[];
  /** where the part is, with its own temperature where that was measured */
  readonly place: Place;
  readonly service: Service;
  readonly treatAsLead: boolean;
  readonly treatAsChromate: boolean;
  readonly biocide: boolean;
  readonly asbestos: boolean;
  readonly organotin: boolean;
  readonly tar: boolean;
  readonly filler: boolean;
  /** Closed cross-linked top: solvent is slow to enter until it is broken. */
  readonly closedTop: boolean;
  readonly has: (feature: Feature) => boolean;
  /** how long work takes in this shop, by its record */
  readonly paces: PaceBook;
}

export function gatherFacts(job: Job, profile: Shop, catalogue: Catalogue): ZoneFacts[] {
  const shop = withoutSetAside(profile);
  const paces = paceBook(shop.experience.paces, shop.paceSetAside);
  return job.parts.flatMap((part, p) =>
    part.zones.map((zone, z) => zoneFacts({ job, shop, catalogue, paces }, part, zone, ['parts', p, 'zones', z])),
  );
}

/** What is the same for all zones of a job. */
interface Around {
  readonly job: Job;
  readonly shop: Shop;
  readonly catalogue: Catalogue;
  readonly paces: PaceBook;
}

function zoneFacts({ job, shop, catalogue, paces }: Around, part: Part, zone: Zone, path: DocPath): ZoneFacts {
  const layers = zone.stack.map((layer) => ({ layer, coating: catalogue.coatings[layer.coating] })).reverse();
  const cut = cutAt(zone, layers);
  const top = layers[0];
  const finishId = part.finish ?? job.finish;
  const substrate = catalogue.substrates[effectiveSubstrate(part)];
  const suspect = { item: job.item, condition: zone.condition, layers };
  return {
    path,
    job,
    shop,
    part,
    zone,
    substrate,
    finish: finishId && catalogue.finishes[finishId],
    coatings: catalogue.coatings,
    area: shapeArea(zone.shape) ?? m2(0),
    off: layers.slice(0, cut),
    kept: layers.slice(cut),
    place: part.metal === null ? job.place : { ...job.place, metal: part.metal },
    service: part.service ?? job.item.service,
    treatAsLead: mayHoldLead(suspect, shop.leadSuspectBefore),
    treatAsChromate: mayHoldChromate(suspect, substrate.group === 'light'),
    asbestos: mayHoldAsbestos(suspect, part.features.includes('friction-lining')),
    tar: mayHoldTar(suspect),
    organotin: mayHoldOrganotin(suspect),
    biocide: layers.some(({ coating }) => coating.biocide),
    filler: layers.some(({ coating }) => coating.id === 'body-filler' || coating.id === 'surfacer-polyester'),
    closedTop: top !== undefined && top.coating.crossLinked && top.layer.state === 'sound',
    has: (feature) => part.features.includes(feature),
    paces,
  };
}

/** An unmarked plastic that floats, or that nobody has floated yet, is treated as an olefin; one that sinks as the solvent-sensitive ABS. */
export function effectiveSubstrate({ substrate, floats }: Part): SubstrateId {
  if (substrate !== 'plastic-unmarked') return substrate;
  return floats === 'sinks' ? 'abs' : 'pp-epdm';
}

function cutAt(zone: Zone, layers: readonly LayerFact[]): number {
  const { target } = zone;
  if (target.kind === 'bare') return layers.length;
  if (target.kind === 'keep') return 0;
  const stop = layers.findIndex(({ layer }) => layer.id === target.layer);
  return stop < 0 ? layers.length : stop;
}
