/** A closed curved shell of about `triangles` triangles as binary STL, in mm. */
export function shellFile(triangles) {
  const n = Math.round(Math.sqrt(triangles / 4));
  const at = (i, j, top) => {
    const [u, v] = [i / n, j / n];
    return [(u - 0.5) * 1350, (v - 0.5) * 1100, 180 * (1 - 0.6 * (2 * u - 1) ** 2 - 0.5 * (2 * v - 1) ** 4) + (top ? 1 : 0)];
  };
  const corners = [];
  const quad = (a, b, c, d) => corners.push(a, b, c, a, c, d);
  for (let i = 0; i < n; i++) {
    for (let j = 0; j < n; j++) {
      quad(at(i, j, 1), at(i + 1, j, 1), at(i + 1, j + 1, 1), at(i, j + 1, 1));
      quad(at(i, j, 0), at(i, j + 1, 0), at(i + 1, j + 1, 0), at(i + 1, j, 0));
    }
    quad(at(i, 0, 0), at(i + 1, 0, 0), at(i + 1, 0, 1), at(i, 0, 1));
    quad(at(i, n, 1), at(i + 1, n, 1), at(i + 1, n, 0), at(i, n, 0));
    quad(at(0, i, 1), at(0, i + 1, 1), at(0, i + 1, 0), at(0, i, 0));
    quad(at(n, i, 0), at(n, i + 1, 0), at(n, i + 1, 1), at(n, i, 1));
  }
  const count = corners.length / 3;
  const bytes = Buffer.alloc(84 + 50 * count);
  bytes.writeUInt32LE(count, 80);
  corners.forEach((corner, c) =>
    corner.forEach((value, axis) => bytes.writeFloatLE(value, 84 + 50 * Math.floor(c / 3) + 12 + 12 * (c % 3) + 4 * axis)),
  );
  return { bytes, count };
}

const median = (spans) => spans.sort((a, b) => a - b)[Math.floor(spans.length / 2)];
const spanOf = (work) => {
  const start = performance.now();
  work();
  return performance.now() - start;
};
const finish = (work) => {
  let step = work.next();
  while (!step.done) step = work.next();
  return step.value;
};

/** The blast of 500 zones of different thickness, each over all nozzles and 20 pressures, with nothing remembered from the run before. */
function solving(core, zones) {
  const method = core.CATALOGUE.methods['blast.garnet'];
  const spans = Array.from({ length: 9 }, (_, run) => {
    const air = { ...core.DEMO_SHOP.air, nozzles: [] };
    const facts = zones.map((zone, i) => ({
      ...zone,
      shop: { ...zone.shop, air },
      part: { ...zone.part, thickness: 0.6 + ((i * 7 + run) % 80) / 10 },
    }));
    return spanOf(() => facts.forEach((zone) => core.planBlast(zone, method, 'blast-pot')));
  });
  return { measured: 'blast, 500 zones x 7 nozzles x 20 pressures', value: `${median(spans).toFixed(0)} ms median` };
}

function meshing(core) {
  const { bytes, count } = shellFile(200_000);
  let reading = 0;
  const spans = Array.from({ length: 3 }, () =>
    spanOf(() => {
      let mesh = null;
      reading = spanOf(() => (mesh = finish(core.readMesh(bytes, 'shell.stl'))));
      finish(core.measureMesh(mesh, 'z'));
    }),
  );
  return {
    measured: `mesh of ${count} triangles, read and measured`,
    value: `${median(spans).toFixed(0)} ms median, ${reading.toFixed(0)} of it reading`,
  };
}

async function printing(core) {
  const { orderDocument } = await import('../server/dist/print/order-document.js');
  const { pdfOf } = await import('../server/dist/print/pdf.js');
  const job = core.DEMO_JOBS.at(-1);
  const [sheet] = core.orderSheets(job, core.DEMO_SHOP, core.planJob(job, core.DEMO_SHOP, core.CATALOGUE), core.CATALOGUE);
  const terms = { units: 'metric', currency: '€', timeZone: 'UTC', pictures: new Map() };
  const spans = [];
  for (let i = 0; i < 4; i++) {
    const start = performance.now();
    await pdfOf(orderDocument(sheet, terms));
    spans.push(performance.now() - start);
  }
  const [first, ...later] = spans;
  return {
    measured: `order sheet of ${sheet.parts.length} parts as PDF`,
    value: `${first.toFixed(0)} ms the first, ${median(later).toFixed(0)} ms later`,
  };
}

/** Blast, mesh and order sheet; `zones` are the facts of 500 zones. */
export const blastWork = async (core, zones) => [solving(core, zones), meshing(core), await printing(core)];
