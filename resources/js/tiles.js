// Tiles that show a page reduced: its frame keeps its own width, the tile decides how much of it shows.
import { unfold } from './folds.js';
import { comeLater } from './later.js';

/**
 * Frames that stand folded come as they are walked along; those of a page to be printed are all there.
 *
 * @param tiles elements with a frame each
 * @param measured called with a tile and its frame, gives what is to be changed of them: all are measured first
 * @param prepare called with a frame before it is loaded
 */
export function watchTiles(tiles, measured, prepare = () => {}) {
  const fit = (some) => some.map((tile) => measured(tile, tile.querySelector('iframe'))).forEach((change) => change());
  const watcher = new ResizeObserver((entries) => fit(entries.map(({ target }) => target)));
  const watch = (tile) => {
    watcher.observe(tile);
    return new Promise((done) => {
      tile.querySelector('iframe').addEventListener('load', () => {
        fit([tile]);
        done();
      });
    });
  };
  const waits = (tile) => tile.querySelector('noscript') !== null;
  [...tiles].filter((tile) => !waits(tile)).forEach(watch);
  const come = (tile) => {
    prepare(unfold(tile).querySelector('iframe'));
    return watch(tile);
  };
  comeLater([...tiles].filter(waits), come, { rootMargin: '200px' });
}
