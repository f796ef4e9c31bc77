// Puts together the scripts pages name, each with all it imports, into public/js: a page asks for one file where it
// asked for twenty. Run by `npm run scripts` after a change in resources/js; its results are committed, and what they
// were made of is written down in resources/scripts.sha256, as `sha256sum -c` reads it.
import { createHash } from 'node:crypto';
import { readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { build } from 'esbuild';

const views = readdirSync('resources/views', { recursive: true }).filter((name) => name.endsWith('.php'));
const named = views.flatMap((view) => [
  ...readFileSync(`resources/views/${view}`, 'utf8').matchAll(/asset\('js\/([a-z-]+)\.js'\)/g),
].map((match) => `resources/js/${match[1]}.js`));

rmSync('public/js', { recursive: true, force: true });
await build({
  entryPoints: [...new Set(named)],
  outdir: 'public/js',
  bundle: true,
  minify: true,
  format: 'esm',
  target: 'es2022',
  charset: 'utf8',
  // Asked for where they are needed: a script of its own, and what came from a package.
  external: ['./code.js', '../vendor/*'],
});

const files = ['resources/js', 'public/js'].flatMap((folder) => readdirSync(folder).map((name) => `${folder}/${name}`));
writeFileSync('resources/scripts.sha256', files.sort().map((file) =>
  `${createHash('sha256').update(readFileSync(file)).digest('hex')}  ${file}\n`).join(''));
