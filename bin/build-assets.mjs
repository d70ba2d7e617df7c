// Builds public/build/ from assets/ and the packages: one style sheet, the scripts, the fonts that the sheet names, and a manifest.
// Every name carries a hash of its content, so browsers may keep the files for good; text is there in packed form as well.
import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { basename, dirname, extname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import subsetFont from 'subset-font';

const root = dirname(dirname(fileURLToPath(import.meta.url)));
const build = join(root, 'public/build');
const manifest = {};

function put(name, content) {
  const hash = createHash('sha256').update(content).digest('hex').slice(0, 10);
  const ending = extname(name);
  const hashed = `${basename(name, ending)}-${hash}${ending}`;
  writeFileSync(join(build, hashed), content);
  if (/^\.(css|js)$/.test(ending)) writeFileSync(join(build, hashed + '.gz'), gzipSync(content, { level: 9 }));
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
// Fonts hold what our own texts need and what European names are written with; the whole font stands behind each, and is fetched only for
// a character that is in no subset. A subset keeps copyright and licence in its names, and not the name of the whole.
const used = new Set(Array.from({ length: 0x180 - 0x20 }, (_, at) => String.fromCharCode(0x20 + at)));
for (const folder of ['assets', 'catalogue', 'core', 'demo', 'src', 'templates']) {
  for (const file of readdirSync(join(root, folder), { recursive: true, withFileTypes: true })) {
    if (file.isFile()) for (const character of readFileSync(join(file.parentPath, file.name), 'utf8')) used.add(character);
  }
}
const text = [...used].filter((character) => !/\p{C}|\p{Co}/u.test(character)).join('');
const weights = { variationAxes: { wght: { min: 400, max: 600, default: 400 } } };
const partOf = (font, name) =>
  subsetFont(font, text, { ...(/Var/.test(name) ? weights : {}), preserveNameIds: [0, 13, 14], targetFormat: 'woff2' });
let withFonts = css;
for (const [named, family, file, part] of new Map(
  [...css.matchAll(/url\("?@ibm\/([a-z-]+)\/([A-Za-z0-9 %-]+\.woff2)(#subset)?"?\)/g)].map((one) => [one[0], one]),
).values()) {
  const whole = readFileSync(join(root, 'node_modules/@ibm', family, 'fonts/complete/woff2', decodeURI(file)));
  const name = decodeURI(file)
    .replaceAll(' ', '')
    .replace('.woff2', part ? '-part.woff2' : '.woff2');
  withFonts = withFonts.replaceAll(named, `url("${put(name, part ? await partOf(whole, name) : whole)}")`);
}
put('app.css', withFonts);
put('htmx.js', readFileSync(join(root, 'node_modules/htmx.org/dist/htmx.min.js')));
put('app.js', ['app.js', 'plan.js', 'bench.js', 'follow.js'].map((name) => readFileSync(join(root, 'assets', name), 'utf8')).join('\n'));
writeFileSync(join(build, 'manifest.json'), JSON.stringify(manifest, null, 2));
