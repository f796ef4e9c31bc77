// Copies what the pages need out of the pinned npm packages into public/vendor
// and public/marks. Run by `npm run vendor`; its results are committed.
import { gzipSync } from 'node:zlib';
import { cpSync, mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { compile } from 'sass';
import opentype from 'opentype.js';
import subset from 'subset-font';
import { decompress } from 'wawoff2';

const icons = 'node_modules/bootstrap-icons/icons';
const inner = (name) => readFileSync(`${icons}/${name}.svg`, 'utf8').replace(/^[\s\S]*?<svg[^>]*>|<\/svg>[\s\S]*$/g, '').trim();

rmSync('public/vendor', { recursive: true, force: true });
mkdirSync('public/vendor/fonts', { recursive: true });

// Bootstrap: the parts the pages use, compiled with our own tokens. A rule for anything that follows a legend has
// browsers work out the styles of a whole page anew at whatever is put into it.
writeFileSync('public/vendor/bootstrap.min.css', compile('resources/bootstrap.scss', {
  style: 'compressed', loadPaths: ['node_modules'], quietDeps: true, silenceDeprecations: ['import', 'if-function'],
}).css.replace('legend+*{clear:left}', ''));
cpSync('node_modules/htmx.org/dist/htmx.min.js', 'public/vendor/htmx.min.js');
cpSync('node_modules/idiomorph/dist/idiomorph-ext.min.js', 'public/vendor/idiomorph-ext.min.js');

for (const [from, to] of [
  ['@fontsource-variable/instrument-sans/files/instrument-sans-latin-wght-normal', 'instrument-sans-latin'],
  ['@fontsource-variable/instrument-sans/files/instrument-sans-latin-ext-wght-normal', 'instrument-sans-latin-ext'],
]) {
  cpSync(`node_modules/${from}.woff2`, `public/vendor/fonts/${to}.woff2`);
}

const range = (from, to) => String.fromCodePoint(...Array.from({ length: to - from + 1 }, (_, at) => from + at));
const latin = range(0x20, 0xff) + 'ıŒœʻʼˆ˚˜' + range(0x2000, 0x206f) + '€№™↑→↓−∕';

const english = range(0x20, 0x7e) + '·×–—‘’“”•…€£°−';
const mono = readFileSync('node_modules/@fontsource/ibm-plex-mono/files/ibm-plex-mono-latin-400-normal.woff2');
writeFileSync('public/vendor/fonts/ibm-plex-mono-latin.woff2', await subset(mono, english, { targetFormat: 'woff2' }));

// Headings have one weight.
for (const set of ['latin', 'latin-ext']) {
  const file = readFileSync(`node_modules/@fontsource-variable/fraunces/files/fraunces-${set}-wght-normal.woff2`);
  const text = set === 'latin' ? latin : range(0x100, 0x2ff) + '\u0304' + range(0x1e00, 0x1e9f) + range(0x1ef2, 0x1eff);
  writeFileSync(`public/vendor/fonts/fraunces-${set}.woff2`, await subset(file, text, {
    targetFormat: 'woff2', variationAxes: { wght: 600 },
  }));
}

// Open faces of the same widths as those readers have, to show typefaces in. One comes with every script there is: of
// that English, and the rest of Europe apart.
for (const [from, to] of Object.entries({
  arimo: 'liberation-sans', tinos: 'liberation-serif', cousine: 'liberation-mono', carlito: 'carlito', caladea: 'caladea',
  gelasio: 'gelasio', 'dejavu-sans': 'dejavu-sans',
})) {
  for (const [weight, name] of [[400, ''], [700, '-bold']]) {
    const file = readFileSync(`node_modules/@fontsource/${from}/files/${from}-latin-${weight}-normal.woff2`);
    const put = (more, bytes) => writeFileSync(`public/vendor/fonts/${to}${name}${more}.woff2`, bytes);
    if (from === 'dejavu-sans') {
      put('', await subset(file, english, { targetFormat: 'woff2' }));
      put('-ext', await subset(file, latin + range(0x100, 0x24f) + range(0x370, 0x4ff), { targetFormat: 'woff2' }));
    } else put('', file);
  }
}

cpSync('node_modules/sortablejs/Sortable.min.js', 'public/vendor/Sortable.min.js');

// Crop and drawing, each on its own page.
cpSync('node_modules/cropperjs/dist/cropper.min.js', 'public/vendor/cropper.min.js');
cpSync('node_modules/cropperjs/dist/cropper.min.css', 'public/vendor/cropper.min.css');
cpSync('node_modules/signature_pad/dist/signature_pad.umd.min.js', 'public/vendor/signature_pad.js');

// The code a phone opens a card by.
cpSync('node_modules/qrcode-generator/dist/qrcode.mjs', 'public/vendor/qrcode.js');

// The accessibility check browser tests run.
cpSync('node_modules/axe-core/axe.min.js', 'tests/Browser/axe.min.js');

// Script faces names are set in on the server.
rmSync('resources/hands', { recursive: true, force: true });
mkdirSync('resources/hands');
for (const face of ['caveat', 'homemade-apple', 'mrs-saint-delafield', 'reenie-beanie']) {
  cpSync(`node_modules/@fontsource/${face}/files/${face}-latin-400-normal.woff`, `resources/hands/${face}.woff`);
}

// Faces cards are drawn in on the server, where text is shaped from TrueType alone.
for (const file of readdirSync('resources/faces')) if (file.endsWith('.ttf')) rmSync(`resources/faces/${file}`);
for (const [face, ...sets] of [...['arimo', 'tinos', 'cousine', 'dejavu-sans'].map((name) => [name, 'latin']), ...['carlito', 'caladea', 'gelasio'].map((name) => [name, 'latin', 'latin-ext'])]) {
  for (const set of sets) for (const weight of [400, 700]) {
    writeFileSync(`resources/faces/${face}-${set}-${weight}.ttf`, await decompress(readFileSync(`node_modules/@fontsource/${face}/files/${face}-${set}-${weight}-normal.woff2`)));
  }
}

// Passwords anybody tries first: those long enough to be chosen.
const passwords = JSON.parse(readFileSync('node_modules/@zxcvbn-ts/language-common/src/passwords.json', 'utf8'));
writeFileSync('resources/known-passwords.txt.gz', gzipSync([...new Set(passwords.map((word) => word.toLowerCase()))]
  .filter((word) => word.length >= 8).sort().join('\n') + '\n', { level: 9 }));

// What came with them: the licences of all that ships, each under its package's name.
rmSync('resources/licences', { recursive: true, force: true });
mkdirSync('resources/licences');
const tools = ['esbuild', 'sass', 'subset-font', 'wawoff2', 'mjml', 'opentype.js'];
for (const name of Object.keys(JSON.parse(readFileSync('package.json', 'utf8')).devDependencies).filter((name) => !tools.includes(name))) {
  const licence = readdirSync(`node_modules/${name}`).find((file) => /^licen[cs]e(\.|$)/i.test(file));
  const { version, license, author } = JSON.parse(readFileSync(`node_modules/${name}/package.json`, 'utf8'));
  const text = licence === undefined ? `${license}, ${typeof author === 'string' ? author : author?.name}\n` : readFileSync(`node_modules/${name}/${licence}`, 'utf8');
  writeFileSync(`resources/licences/${name.replace(/^@/, '').replace('/', '-')}.txt`, `${name} ${version}\n\n${text}`);
}

// One sprite for the pages: pictograms named in views and by kinds of pieces.
const sources = [];
const walk = (dir) => readdirSync(dir, { withFileTypes: true }).forEach((entry) =>
  entry.isDirectory() ? walk(`${dir}/${entry.name}`) : sources.push(readFileSync(`${dir}/${entry.name}`, 'utf8')));
walk('resources/views');
walk('core/Card/Kind');
const known = new Set(readdirSync(icons).map((file) => file.replace('.svg', '')));
const used = new Set(sources.flatMap((text) => [
  ...[...text.matchAll(/<x-icon[^>]*?\sname="([a-z0-9-]+)"/g)].map((match) => match[1]),
  ...[...text.matchAll(/<x-icon[^>]*?\s:name="([^"]+)"/g)].flatMap(([, php]) => [...php.matchAll(/'([a-z0-9-]+)'/g)].map((match) => match[1])),
  ...[...text.matchAll(/parent::__construct\(\s*'[^']*', '[^']*', '([a-z0-9-]+)'/g)].map((match) => match[1]),
]));
for (const name of used) if (!known.has(name)) throw new Error(`No pictogram ${name}`);
writeFileSync('public/vendor/icons.svg', `<svg xmlns="http://www.w3.org/2000/svg">${[...used].sort()
  .map((name) => `<symbol id="${name}" viewBox="0 0 16 16">${inner(name)}</symbol>`).join('')}</svg>\n`);

// Marks of profile links, baked in a card's own inks on the server: of the pictogram set, of two sets of
// networks' signs (`si-`, `ai-`), or letters of our own (`abc-`) where neither has one. All in 16 units.
rmSync('public/marks', { recursive: true, force: true });
mkdirSync('public/marks');
const svg = (body) => `<svg xmlns="http://www.w3.org/2000/svg" width="16" height="16" fill="currentColor" viewBox="0 0 16 16">${body}</svg>\n`;
const sign = (file) => {
  const text = readFileSync(file, 'utf8');
  const [, left, top, width, height] = text.match(/viewBox="([\d.-]+) ([\d.-]+) ([\d.]+) ([\d.]+)"/).map(Number);
  const scale = 16 / Math.max(width, height);
  const place = `translate(${round((16 - width * scale) / 2 - left * scale)} ${round((16 - height * scale) / 2 - top * scale)}) scale(${round(scale, 6)})`;
  const paths = [...text.matchAll(/<path[^>]*?\sd="([^"]+)"/g)].map(([, d]) => `<path d="${d.replace(/\s+/g, ' ')}"/>`);
  if (paths.length === 0) throw new Error(`No path in ${file}`);

  return svg(`<g transform="${place}">${paths.join('')}</g>`);
};
const round = (number, places = 3) => Number(number.toFixed(places));
const face = readFileSync('resources/faces/arimo-latin-700.ttf');
const bold = opentype.parse(face.buffer.slice(face.byteOffset, face.byteOffset + face.length));
const letters = (two) => {
  const path = bold.getPath(two[0].toUpperCase() + two.slice(1), 0, 0, 100);
  const box = path.getBoundingBox();
  // As wide as it may be, as tall as pictograms are.
  const scale = Math.min(16 / (box.x2 - box.x1), 13 / (box.y2 - box.y1));
  const place = `translate(${round(8 - scale * (box.x1 + box.x2) / 2)} ${round(8 - scale * (box.y1 + box.y2) / 2)}) scale(${round(scale, 5)})`;

  return svg(`<g transform="${place}">${path.toSVG(1).replace(/ fill="[^"]*"/, '')}</g>`);
};
const drawn = {
  'si-': (name) => sign(`node_modules/simple-icons/icons/${name}.svg`),
  'ai-': (name) => sign(`node_modules/academicons/svg/${name}.svg`),
  'abc-': letters,
};
const names = (file) => [...readFileSync(file, 'utf8').matchAll(/'mark' => '([a-z0-9-]+)'/g)].map((match) => match[1]);
const pictograms = [...readFileSync('core/Link/pictograms.php', 'utf8').matchAll(/'([a-z0-9-]+)'(?! =>)/g)].map((match) => match[1]);
for (const name of new Set([...pictograms, ...names('core/Link/profiles.php')])) {
  const set = Object.keys(drawn).find((prefix) => name.startsWith(prefix));
  writeFileSync(`public/marks/${name}.svg`, set ? drawn[set](name.slice(set.length)) : readFileSync(`${icons}/${name}.svg`));
}
