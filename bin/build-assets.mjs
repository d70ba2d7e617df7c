// Builds public/build/ from assets/ and the packages: one style sheet, the scripts, the fonts that the sheet names, and a manifest.
// Every name carries a hash of its content, so browsers may keep the files for good.
import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { basename, dirname, extname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = dirname(dirname(fileURLToPath(import.meta.url)));
const build = join(root, 'public/build');
const manifest = {};

function put(name, content) {
  const hash = createHash('sha256').update(content).digest('hex').slice(0, 10);
  const ending = extname(name);
  const hashed = `${basename(name, ending)}-${hash}${ending}`;
  writeFileSync(join(build, hashed), content);
  manifest[`build/${name}`] = `build/${hashed}`;
  return hashed;
}

rmSync(build, { recursive: true, force: true });
mkdirSync(build, { recursive: true });

const css = execFileSync(join(root, 'node_modules/.bin/tailwindcss'), ['-i', join(root, 'assets/app.css'), '--minify'], {
  cwd: root,
  encoding: 'utf8',
  stdio: ['ignore', 'pipe', 'ignore'],
});
const withFonts = css.replace(
  /url\("?@ibm\/([a-z-]+)\/([A-Za-z-]+\.woff2)"?\)/g,
  (_, family, file) => `url("${put(file, readFileSync(join(root, 'node_modules/@ibm', family, 'fonts/complete/woff2', file)))}")`,
);
put('app.css', withFonts);
put('htmx.js', readFileSync(join(root, 'node_modules/htmx.org/dist/htmx.min.js')));
put('app.js', readFileSync(join(root, 'assets/app.js')));
writeFileSync(join(build, 'manifest.json'), JSON.stringify(manifest, null, 2));
