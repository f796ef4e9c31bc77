// Pieces are dragged on the sheet to another place in the order, and the spacing above the one at work is pulled. The
// arrow keys walk them. The order and tuning do the same.
import { words } from './words.js';

const frame = () => document.getElementById('sheet');
const box = () => document.getElementById('selection');
const rows = () => [...document.querySelectorAll('#order details[data-piece]')];
const rowOf = (id) => document.querySelector(`#order details[data-piece="${CSS.escape(id || '-')}"]`);
const cellOf = (id) => frame().contentDocument?.querySelector(`[data-piece~="${CSS.escape(id || '-')}"]`);
const idOf = (cell) => cell.dataset.piece.split(' ')[0];
// Pixels a pointer moves before it is no press any more; spacing goes no further than the form takes.
const MEANT = 6;
const [LEAST, MOST] = [0, 48];

let dropped = false;
/** Whether the press that just ended was the end of a drag. */
export const wasDragged = () => {
  const was = dropped;
  dropped = false;
  return was;
};

/**
 * @param selected gives the id of the piece at work
 * @param place called with the address of an edit and what it says
 * @param edit gives the address of an edit of a piece
 */
export function watchTouch(selected, place, edit) {
  const gap = document.createElement('span');
  gap.className = 'edge edge-gap';
  box().append(gap);
  const grip = document.createElement('span');
  grip.className = 'edge edge-grip';
  grip.textContent = '⇅';
  box().append(grip);
  const line = document.createElement('div');
  line.className = 'drop-line';
  line.hidden = true;
  box().after(line);
  const note = document.createElement('span');
  note.className = 'edge-note measure gap-note';
  box().append(note);

  // Only where a piece begins a line of its own is the spacing above it its own.
  const pulled = () => {
    const cell = cellOf(selected());
    const row = rowOf(selected());
    return cell?.tagName === 'TD' && row && !row.closest('[data-joined]') && cell.style.padding ? cell : null;
  };
  new MutationObserver(() => {
    gap.hidden = !pulled();
  }).observe(box(), { attributes: true, attributeFilter: ['style', 'hidden'] });

  gap.addEventListener('pointerdown', (down) => {
    const cell = pulled();
    if (!cell) return;
    down.preventDefault();
    gap.setPointerCapture(down.pointerId);
    const start = Math.round(parseFloat(getComputedStyle(cell).paddingTop));
    const stood = box().offsetTop;
    let now = start;
    const move = (event) => {
      now = Math.min(MOST, Math.max(LEAST, start + Math.round(event.clientY - down.clientY)));
      cell.style.paddingTop = `${now}px`;
      box().style.top = `${stood + now - start}px`;
      note.textContent = `${now} px above`;
    };
    gap.addEventListener('pointermove', move);
    gap.addEventListener(
      'lostpointercapture',
      () => {
        gap.removeEventListener('pointermove', move);
        note.textContent = '';
        if (now !== start) place(edit(selected(), 'tuning'), { 'tuning[gap]': String(now) });
      },
      { once: true },
    );
  });

  // Where a piece would stand if it were let go here: before or behind the piece nearest to the pointer.
  function target(id, x, y) {
    const page = frame().contentDocument;
    let best = null;
    for (const cell of page.querySelectorAll('[data-piece]')) {
      const other = idOf(cell);
      if (other === id || !rowOf(other)) continue;
      const area = cell.getBoundingClientRect();
      const apart =
        Math.max(area.left - x, x - area.right, 0) ** 2 + Math.max(area.top - y, y - area.bottom, 0) ** 2;
      if (!best || apart < best.apart) best = { apart, area, other, behind: y > area.top + area.height / 2 };
    }
    return best;
  }

  function drag(id, from, down, point) {
    let to = null;
    let meant = false;
    const move = (event) => {
      if (!meant && Math.hypot(event.clientX - down.clientX, event.clientY - down.clientY) < MEANT) return;
      if (!meant) {
        meant = true;
        // Not while the pointer may still turn out to press.
        from.setPointerCapture(down.pointerId);
        frame().contentDocument.getSelection().removeAllRanges();
      }
      to = target(id, ...point(event));
      line.hidden = !to;
      if (!to) return;
      const { offsetLeft, offsetTop } = frame();
      Object.assign(line.style, {
        left: `${offsetLeft + to.area.left - 4}px`,
        top: `${offsetTop + (to.behind ? to.area.bottom : to.area.top) - 1}px`,
        width: `${Math.max(60, to.area.width + 8)}px`,
      });
    };
    const end = (event) => {
      from.removeEventListener('pointermove', move);
      ['pointerup', 'pointercancel'].forEach((name) => from.removeEventListener(name, end));
      line.hidden = true;
      if (!meant) return;
      dropped = true;
      setTimeout(() => {
        dropped = false;
      }, 50);
      if (event.type === 'pointercancel' || !to) return;
      const beside = rowOf(to.other).closest('.piece');
      const next = to.behind ? beside.nextElementSibling : beside;
      const before = next?.id.replace('piece-', '') ?? '';
      if (before === id || (to.behind && next?.id === `piece-${id}`)) return;
      place(edit(id, 'place'), { zone: beside.parentElement.dataset.zone, before });
    };
    from.addEventListener('pointermove', move);
    ['pointerup', 'pointercancel'].forEach((name) => from.addEventListener(name, end));
  }

  grip.addEventListener('pointerdown', (down) => {
    down.preventDefault();
    const at = () => frame().getBoundingClientRect();
    drag(selected(), grip, down, (event) => [event.clientX - at().left, event.clientY - at().top]);
  });

  return {
    /** The frame's page answers to pointers and keys. */
    page(page, writing, write) {
      page.addEventListener('dragstart', (event) => event.preventDefault());
      page.addEventListener('pointerdown', (down) => {
        const cell = down.target.closest('[data-piece]');
        // A finger scrolls: it has the grip.
        if (!cell || down.pointerType === 'touch' || down.button !== 0 || writing()) return;
        drag(idOf(cell), page, down, (event) => [event.clientX, event.clientY]);
      });
      page.tabIndex = 0;
      page.setAttribute('aria-label', words('The card: up and down walk its pieces, Enter writes, Escape goes back'));
      page.addEventListener('keydown', (event) => {
        if (writing() || event.ctrlKey || event.metaKey) return;
        const seen = rows().filter((row) => cellOf(row.dataset.piece));
        const here = seen.findIndex((row) => row.dataset.piece === selected());
        const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
        if (by && event.altKey && here >= 0) {
          document.getElementById(`${by < 0 ? 'up' : 'down'}-${selected()}`).click();
        } else if (by) {
          const next = seen[here < 0 ? (by > 0 ? 0 : seen.length - 1) : here + by];
          if (next) next.open = true;
        } else if (event.key === 'Enter' && here >= 0) write(selected());
        else if (event.key === 'Escape') (rowOf(selected())?.querySelector('summary') ?? rows()[0])?.focus();
        else return;
        event.preventDefault();
        event.stopPropagation();
      });
    },
  };
}
