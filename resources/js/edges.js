// Edges of pictures on the sheet are dragged to size; the number field in the row does the same by key.
import { byId } from './folds.js';
import { words } from './words.js';

const box = () => document.getElementById('selection');
const frame = () => document.getElementById('sheet');
const SIZES = [48, 64, 80, 96, 112, 128, 160, 240, 320, 480, 600];
const NEAR = 5;

/**
 * @param selected gives the id of the piece at work
 * @param save called with id, field and size when the edge is let go
 * @param tune called with what a piece's own look says then
 */
export function watchEdges(selected, save, tune) {
  const edge = document.createElement('span');
  edge.className = 'edge edge-size';
  box().append(edge);
  const note = document.createElement('span');
  note.className = 'edge-note measure';
  box().append(note);

  const row = () => document.querySelector(`#order details[data-piece="${CSS.escape(selected() || '-')}"]`);
  const on = (what) =>
    frame().contentDocument?.querySelector(`[data-piece~="${CSS.escape(selected() || '-')}"] ${what}`.trim());
  const isButton = () => row()?.dataset.resize?.startsWith('button');
  const picture = () => (isButton() ? on('td[bgcolor], td[style*="border:"]') : on('img'));
  const column = document.createElement('span');
  column.className = 'edge edge-column';
  box().append(column);
  // A text beside another column: the gap to it is dragged at its start.
  const beside = () => {
    const cell = row()?.closest('[data-zone="text"]') && !row().dataset.resize && on('');
    return cell && cell.getBoundingClientRect().left > 40;
  };
  new MutationObserver(() => {
    column.hidden = !beside();
    edge.hidden = !(row()?.dataset.resize && picture());
  }).observe(box(), { attributes: true, attributeFilter: ['style', 'hidden'] });

  // What others on the sheet measure, and how tall the text beside a headshot is: sizes worth stopping at.
  function stops(field) {
    const page = frame().contentDocument;
    const others = [...page.querySelectorAll('[data-piece] img')]
      .filter((image) => image !== picture())
      .map((image) => image.getBoundingClientRect().width);
    const text = [...page.querySelectorAll('[data-piece]')]
      .filter(
        (cell) =>
          !cell.querySelector('img') &&
          document.querySelector(`ol[data-zone="text"] [data-piece="${CSS.escape(cell.dataset.piece.split(' ')[0])}"]`),
      )
      .map((cell) => cell.getBoundingClientRect());
    const tall = text.length
      ? Math.max(...text.map((rect) => rect.bottom)) - Math.min(...text.map((rect) => rect.top))
      : 0;
    return [...(field === 'size' ? [tall] : []), ...others, ...SIZES].map(Math.round);
  }

  column.addEventListener('pointerdown', (down) => {
    down.preventDefault();
    column.setPointerCapture(down.pointerId);
    const start = Number(byId('style-gaps-columns').value);
    let gap = start;
    const move = (event) => {
      gap = Math.min(48, Math.max(0, Math.round(start + event.clientX - down.clientX)));
      gap = [8, 12, 16, 20, 24, 32].find((stop) => Math.abs(stop - gap) < 2) ?? gap;
      note.textContent = words(':size px between columns', { size: gap });
    };
    column.addEventListener('pointermove', move);
    column.addEventListener(
      'lostpointercapture',
      () => {
        column.removeEventListener('pointermove', move);
        note.textContent = '';
        if (gap !== start) save('', 'style-gaps-columns', gap);
      },
      { once: true },
    );
  });

  // The button grows on both sides of its words.
  function room(down, cell, least, most) {
    const start = parseFloat(getComputedStyle(cell).paddingRight);
    let wide = start;
    const move = (event) => {
      wide = Math.min(most, Math.max(least, Math.round(start + event.clientX - down.clientX)));
      wide = [12, 18, 24].find((stop) => Math.abs(stop - wide) < 2) ?? wide;
      cell.style.paddingLeft = `${wide}px`;
      cell.style.paddingRight = `${wide}px`;
      const rect = cell.getBoundingClientRect();
      box().style.width = `${rect.width + 10}px`;
      note.textContent = words(':size px beside its words', { size: wide });
    };
    edge.addEventListener('pointermove', move);
    edge.addEventListener(
      'lostpointercapture',
      () => {
        edge.removeEventListener('pointermove', move);
        note.textContent = '';
        if (wide !== start) tune({ 'tuning[call][wide]': String(wide) });
      },
      { once: true },
    );
  }

  edge.addEventListener('pointerdown', (down) => {
    const [field, least, most] = row().dataset.resize.split(' ');
    const image = picture();
    if (!image) return;
    down.preventDefault();
    edge.setPointerCapture(down.pointerId);
    if (isButton()) {
      room(down, image, Number(least), Number(most));
      return;
    }
    const start = image.getBoundingClientRect();
    const ratio = start.height / start.width;
    const at = stops(field);
    let size = Math.round(start.width);
    const move = (event) => {
      const asked = Math.min(
        Number(most),
        Math.max(Number(least), Math.round(start.width + event.clientX - down.clientX)),
      );
      size =
        at.find((stop) => stop >= Number(least) && stop <= Number(most) && Math.abs(stop - asked) <= NEAR) ?? asked;
      Object.assign(image.style, { width: `${size}px`, height: `${Math.round(size * ratio)}px` });
      const rect = image.getBoundingClientRect();
      Object.assign(box().style, { width: `${rect.width + 10}px`, height: `${rect.height + 8}px` });
      note.textContent = at.includes(size) ? words(':size px, stops here', { size }) : `${size} px`;
    };
    edge.addEventListener('pointermove', move);
    edge.addEventListener(
      'lostpointercapture',
      () => {
        edge.removeEventListener('pointermove', move);
        note.textContent = '';
        if (size !== Math.round(start.width)) save(selected(), field, size);
      },
      { once: true },
    );
  });
}
