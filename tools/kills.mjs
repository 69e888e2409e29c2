import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Sqlite from 'better-sqlite3';
import { root } from './run.mjs';

/** ms after which a server is killed at the latest. */
const LATEST = 900;
const kills = Number(process.argv[2] ?? 150);
const data = mkdtempSync(join(tmpdir(), 'lift-bare-kills-'));

/** The built server on this folder, once it listens. */
function start() {
  const environment = { ...process.env, LIFT_BARE_PORT: '0', LIFT_BARE_DATA: data, LIFT_BARE_PROBE: 'none' };
  const server = spawn('node', [join(root, 'server/dist/main.js')], { env: environment, stdio: ['ignore', 'pipe', 'inherit'] });
  return new Promise((started, failed) => {
    let said = '';
    server.stdout.on('data', (piece) => {
      said += piece;
      const address = /http:\/\/\S+/.exec(said)?.[0];
      if (address) started({ address, server });
    });
    server.once('exit', (code) => failed(new Error(`ended with ${code}`)));
  });
}

const ask = async (url, method = 'GET', body) => {
  const answer = await fetch(url, { method, headers: { 'Content-Type': 'application/json' }, ...(body && { body: JSON.stringify(body) }) });
  if (!answer.ok) throw new Error(`${answer.status} ${await answer.text()}`);
  return answer.json();
};

let [acknowledged, taps, lost] = [0, 0, 0];
for (let i = 0; i < kills; i++) {
  const { address, server } = await start();
  const url = `${address}/api/v1/jobs/demo-1`;
  const { version, document } = await ask(url);
  if (version < acknowledged) lost += acknowledged - version;
  acknowledged = version;
  setTimeout(() => server.kill('SIGKILL'), Math.random() * LATEST);
  for (let n = 0; ; n++) {
    const saved = await ask(url, 'PUT', { version: acknowledged, document: { ...document, notes: `kill ${i}, write ${n}` } }).catch(() => null);
    if (!saved) break;
    acknowledged = saved.version;
    taps += 1;
  }
  if (server.exitCode === null && server.signalCode === null) await new Promise((ended) => server.once('exit', ended));
}
const left = new Sqlite(join(data, 'lift-bare.sqlite'), { readonly: true });
const kept = left.prepare(`SELECT version FROM jobs WHERE id = 'demo-1'`).pluck().get();
if (kept < acknowledged) lost += acknowledged - kept;
console.log(`${kills} kills, ${taps} writes acknowledged, ${lost} lost, integrity ${left.pragma('integrity_check', { simple: true })}`);
left.close();
rmSync(data, { recursive: true });
process.exitCode = lost === 0 ? 0 : 1;
