// Pictures come into a piece on the bench from the camera, the clipboard and what is dropped on its row.
import { hasCamera, takePicture } from './camera.js';
import { unfold } from './folds.js';

const isPicture = (file) => file.type.startsWith('image/');
const formIn = (row) => unfold(row)?.querySelector('.fields:has(input[type="file"])');

/**
 * @param bench the page's main part
 * @param take called with the form of a piece and the file that came
 */
export function watchPictureWays(bench, take) {
  const show = () =>
    bench.querySelectorAll('[data-camera][hidden]').forEach((button) => {
      button.hidden = !hasCamera();
    });
  show();
  document.addEventListener('htmx:oobAfterSwap', show);
  document.addEventListener('unfolded', show);
  bench.addEventListener('click', ({ target }) => {
    const form = target.closest('[data-camera]') && formIn(target.closest('.piece'));
    if (form) takePicture((file) => take(form, file));
  });
  document.addEventListener('paste', (event) => {
    const file = [...event.clipboardData.files].find(isPicture);
    const form = formIn(bench.querySelector('#order details[open]'));
    if (!file || !form) return;
    event.preventDefault();
    take(form, file);
  });
  const row = (event) => (event.dataTransfer?.types.includes('Files') ? event.target.closest('.piece') : null);
  bench.addEventListener('dragover', (event) => {
    if (!formIn(row(event))) return;
    event.preventDefault();
    row(event).classList.add('dropping');
  });
  bench.addEventListener('dragleave', (event) => event.target.closest?.('.piece')?.classList.remove('dropping'));
  bench.addEventListener('drop', (event) => {
    const form = formIn(row(event));
    const file = [...event.dataTransfer.files].find(isPicture);
    if (!form) return;
    event.preventDefault();
    row(event).classList.remove('dropping');
    if (file) take(form, file);
  });
}
