import { addPart, choose, field, newJob, saved } from './pages.ts';
import { expect, test } from './shop.ts';

/** A closed plate of 55 × 40 × 0.04, two triangles a face, as text STL. */
function plate(): Buffer {
  const [x, y, z] = [55, 40, 0.04];
  const corner = (i: number): string => `${i & 1 ? x : 0} ${i & 2 ? y : 0} ${i & 4 ? z : 0}`;
  const faces = [
    [0, 2, 3, 1],
    [4, 5, 7, 6],
    [0, 1, 5, 4],
    [2, 6, 7, 3],
    [0, 4, 6, 2],
    [1, 3, 7, 5],
  ] as const;
  const facets = faces.flatMap(([a, b, c, d]) => [
    [a, b, c],
    [a, c, d],
  ]);
  const text = facets.map((facet) => `facet normal 0 0 0\nouter loop\n${facet.map((i) => `vertex ${corner(i)}`).join('\n')}\nendloop\nendfacet`);
  return Buffer.from(`solid plate\n${text.join('\n')}\nendsolid plate\n`);
}
const stl = (name: string, buffer: Buffer) => ({ name, mimeType: 'model/stl', buffer });

test('a mesh gives areas, size and zones; inches taken for millimetres are seen; a broken file is told', async ({ page }) => {
  await newJob(page, 'Mesh');
  await addPart(page, 'Steel panel, factory finish');
  const file = page.getByLabel('Mesh file');
  await file.setInputFiles(stl('hood.stl', plate().subarray(0, 300)));
  await expect(page.getByRole('alert')).toContainText('cut off');
  await file.setInputFiles(stl('hood.dwg', Buffer.from('AC1015')));
  await expect(page.getByRole('alert')).toContainText('STL, OBJ and PLY are read');
  await file.setInputFiles(stl('hood.stl', plate()));
  await expect(page.getByText('hood.stl, 12 triangles')).toBeVisible();
  await expect(page.getByText(/As millimetres it is 55\.0 mm long.*as inches it would be 1\.40 m/)).toBeVisible();
  await page.getByRole('button', { name: 'Take it so' }).click();
  await expect(page.getByText('The unit looks wrong')).toBeHidden();
  const table = page.locator('lb-mesh-panel table');
  await expect(table).toContainText('2.84 m²');
  await expect(page.getByText(/too large for the blast cabinet/)).toBeVisible();
  await choose(page, 'Up as it lies', 'X axis');
  await expect(table.getByRole('row', { name: /upright/ })).toContainText('100 %');
  await choose(page, 'Up as it lies', 'Z axis');
  await expect(table.getByRole('row', { name: /faces up/ })).toContainText('50 %');
  await page.getByRole('button', { name: 'A zone for each way it faces' }).click();
  const zones = page.getByRole('navigation', { name: 'Parts and zones' });
  await expect(zones).toContainText('Outer skin, faces up');
  await expect(zones).toContainText('Outer skin, overhead');
  await expect(field(page, 'length')).toHaveValue('1.397');
  await saved(page);
  await page.reload();
  await page.getByRole('button', { name: 'Show it' }).click();
  await expect(page.getByText('hood.stl, 12 triangles')).toBeVisible();
  await expect(page.getByLabel(/The mesh of Steel panel/)).toBeVisible();
  await page.getByRole('button', { name: 'Forget the mesh' }).click();
  await expect(page.getByText('Drop a file here')).toBeVisible();
});

test('a frame is added up tube by tube, a panel with its curve, sides and openings', async ({ page }) => {
  await newJob(page, 'Shapes');
  await addPart(page, 'Steel panel, factory finish');
  await choose(page, 'Shape', 'Frame of tubes');
  await field(page, 'Diameter').fill('32 mm');
  await field(page, 'Length').fill('1 m');
  await page.getByRole('button', { name: 'Add a tube' }).click();
  await page.getByLabel('How many', { exact: true }).last().fill('2');
  const area = page.locator('lb-zone-form .field', { hasText: 'Σ π d × length × number' });
  await expect(area).toContainText('0.16 m²');
  await choose(page, 'Shape', 'Panel with curve and openings');
  await field(page, 'Curve and returns add').fill('10');
  await field(page, 'Openings').fill('0.2');
  await choose(page, 'Sides worked', 'Both sides');
  await expect(page.locator('lb-zone-form .field', { hasText: '(width × height' })).toContainText('1.98 m²');
});
