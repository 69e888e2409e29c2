import { DEMO_JOBS, type Job } from '@lift-bare/core';
import request from 'supertest';
import { testApp } from '../testing/test-app.ts';

const PNG = Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', 'base64');
const job = DEMO_JOBS[0] as Job;

let app: Awaited<ReturnType<typeof testApp>>;
beforeEach(async () => {
  app = await testApp();
  await request(app.app).post('/api/v1/jobs').send({ id: 'tug', document: job }).expect(201);
});
afterEach(() => app.close());
const put = (path: string, body: Buffer, type = 'application/octet-stream') =>
  request(app.app).put(`/api/v1/jobs/${path}`).set('Content-Type', type).send(body);

describe('files of a job', () => {
  test('come back byte by byte, under the type that their bytes tell', async () => {
    await put('tug/files/a1?name=bonnet.jpg', PNG, 'image/jpeg').expect(201, { id: 'a1', name: 'bonnet.jpg', type: 'image/png', size: PNG.length });
    const { body } = await request(app.app)
      .get('/api/v1/jobs/tug/files/a1')
      .expect(200)
      .expect('Content-Type', /image\/png/);
    expect(body).toEqual(PNG);
  });

  test('sent twice they are one; other bytes under the same id are refused', async () => {
    await put('tug/files/a1', PNG).expect(201);
    await put('tug/files/a1', PNG).expect(201);
    await put('tug/files/a1', Buffer.concat([PNG, PNG])).expect(409);
  });

  test('anything but a picture or a mesh is refused with the reason, so is a file of no job', async () => {
    const { body } = await put('tug/files/a1?name=list.html', Buffer.from('<script>')).expect(422);
    expect(body.issues[0].reason).toContain('JPEG or PNG');
    await put('tug/files/a1?name=part.stl', Buffer.alloc(0)).expect(422);
    await put('tug/files/a%20b', PNG).expect(422);
    await put('nobody/files/a1', PNG).expect(404);
    await request(app.app).get('/api/v1/jobs/tug/files/none').expect(404);
  });

  test('a mesh as long as the default body limit and more goes through', async () => {
    await put('tug/files/m1?name=part.STL', Buffer.alloc(6 * 1024 * 1024, 1)).expect(201);
  });
});
