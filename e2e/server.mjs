import { execFileSync, spawn } from 'node:child_process';
import { copyFileSync, mkdirSync, rmSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));
const folder = `${root}var/e2e`;
const template = `${folder}/shelf.db`;
const firstPort = 8043;

/** Environment of a process that works on one database. */
const environment = (database) => ({ ...process.env, APP_ENV: 'prod', DATABASE_URL: `sqlite:///${database}`, PHP_CLI_SERVER_WORKERS: '2' });

/** Playwright’s global set-up: a shelf with the demo boards, of which every test gets a copy of its own. */
export default function makeShelf() {
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true });
  for (const command of [
    ['doctrine:migrations:migrate', '-n', '-q'],
    ['latch:seed', '-q'],
  ]) {
    execFileSync('php', ['bin/console', ...command], { cwd: root, env: environment(template), stdio: 'inherit' });
  }
}

/** A server of one worker, on a port and a database of its own; its worker processes end with it. */
export async function serve(worker) {
  freshShelf(worker);
  const port = firstPort + worker;
  return { worker, ...(await start(port, worker, { IRON_LATCH_PHONE: doorOf(worker) })) };
}

const doorOf = (worker) => `http://127.0.0.1:${firstPort + 20 + worker}`;

/** The door for phones of a worker: another server before the same shelf. */
export function serveDoor(worker) {
  return start(firstPort + 20 + worker, worker, { IRON_LATCH_DOOR: doorOf(worker) });
}

async function start(port, worker, said) {
  const server = spawn(
    'php',
    [
      '-d',
      'expose_php=0',
      '-d',
      'upload_max_filesize=12M',
      '-d',
      'post_max_size=13M',
      '-d',
      'opcache.validate_timestamps=0',
      '-S',
      `127.0.0.1:${port}`,
      '-t',
      'public',
      'bin/router.php',
    ],
    { cwd: root, env: { ...environment(`${folder}/worker-${worker}.db`), ...said }, detached: true, stdio: 'ignore' },
  );
  const url = `http://127.0.0.1:${port}`;
  for (let left = 200; ; left -= 1) {
    const answered = await fetch(`${url}/rule-book`).then(
      (response) => response.ok,
      () => false,
    );
    if (answered) break;
    if (left === 0) throw new Error(`Nothing answers on ${url}: is the port taken?`);
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  return { url, end: () => process.kill(-server.pid, 'SIGTERM') };
}

/** Puts the shelf of a worker back to the demo boards; nothing has it open between two tests. */
export function freshShelf(worker) {
  const database = `${folder}/worker-${worker}.db`;
  for (const suffix of ['', '-wal', '-shm']) rmSync(database + suffix, { force: true });
  copyFileSync(template, database);
}
