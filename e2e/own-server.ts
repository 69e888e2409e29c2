import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { expect, type APIRequestContext } from '@playwright/test';

/** A server of one test on its own data, to be killed and started again. */
export class OwnServer {
  readonly address: string;
  private readonly data = mkdtempSync(join(tmpdir(), 'lift-bare-own-'));
  private process: ChildProcess | null = null;

  constructor(
    private readonly port: number,
    private readonly environment: Readonly<Record<string, string>> = {},
  ) {
    this.address = `http://127.0.0.1:${port}`;
  }

  async start(request: Pick<APIRequestContext, 'get'>): Promise<void> {
    this.process = spawn('node', [resolve(import.meta.dirname, '../server/dist/main.js')], {
      env: { ...process.env, ...this.environment, LIFT_BARE_PORT: String(this.port), LIFT_BARE_DATA: this.data },
    });
    const status = async (): Promise<number> => (await request.get(`${this.address}/api/v1/health`).catch(() => null))?.status() ?? 0;
    // One that asks for its passphrase answers as well.
    await expect.poll(async () => [200, 401].includes(await status())).toBe(true);
  }

  kill(): void {
    this.process?.kill('SIGKILL');
  }

  /** Ends it as the shop does, and waits until its port is free. */
  async stop(): Promise<void> {
    const ended = new Promise((done) => this.process?.once('exit', done));
    this.process?.kill('SIGTERM');
    await ended;
  }
}
