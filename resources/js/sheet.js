import { unfold } from './folds.js';
import { comeLater, whenIdle } from './later.js';
import { wasDragged } from './touch.js';
import { isWriting, watchWriting, writeIn } from './write.js';

// The frames that show a card. Each was served under its own policy; scripts run in none of them,
// but this page may read their layout and put a newer rendering in.
const echoes = () => [...document.querySelectorAll('.echo iframe')];
const sheet = () => document.getElementById('sheet');

function body(frame) {
  const page = frame.contentDocument;
  return page?.readyState === 'complete' && page.URL !== 'about:blank' ? page.body : null;
}

function fit(frame) {
  const page = body(frame);
  if (page) frame.style.height = `${Math.max(40, page.scrollHeight)}px`;
}

// Gives every element the colours a dark page shows; which those are the server has worked out.
function turn(page, way, dark, paper) {
  if (page.dataset.turned === (way ?? '')) return;
  page.dataset.turned = way ?? '';
  page.style.backgroundColor = '';
  if (!way) return;
  const { inks, backgrounds } = JSON.parse(dark)[way];
  page.style.backgroundColor = backgrounds[paper] ?? '#1b1b1b';
  const backgroundOf = (element) => {
    for (let at = element; at && at !== page; at = at.parentElement) {
      if (at.dataset.background) return at.dataset.background;
      const own = at.getAttribute('bgcolor');
      if (own) return own;
    }
    return paper;
  };
  page.querySelectorAll('[bgcolor]').forEach((cell) => {
    cell.dataset.background = cell.getAttribute('bgcolor');
  });
  page.querySelectorAll('[style]').forEach((element) => {
    const background = backgroundOf(element);
    element.setAttribute(
      'style',
      element
        .getAttribute('style')
        .replace(
          /(^|;)color:(#[0-9a-f]{6})/g,
          (all, before, ink) => `${before}color:${inks[`${ink} ${background}`] ?? ink}`,
        )
        .replace(/background-color:(#[0-9a-f]{6})/g, (all, own) => `background-color:${backgrounds[own] ?? own}`)
        .replace(
          /(border(?:-[a-z]+)?:\d+px (?:solid|dashed|dotted|double) )(#[0-9a-f]{6})/g,
          (all, before, ink) => `${before}${inks[`${ink} ${paper}`] ?? ink}`,
        ),
    );
  });
}

/** Works in one of the echoes: the sheet itself is shown so. @param way soft, forced, phone, blocked or nothing */
export function showAs(way) {
  const frame = sheet();
  delete frame.dataset.dark;
  delete frame.dataset.blocked;
  if (way === 'soft' || way === 'forced') frame.dataset.dark = way;
  if (way === 'blocked') frame.dataset.blocked = '';
  const page = body(frame);
  if (page) page.dataset.revision = '';
  showSheet();
  // The letter around it is the same page.
  const { paper } = document.getElementById('sheet-source').dataset;
  const { dark } = document.getElementById('dark-source').dataset;
  document
    .querySelector('.paper')
    .style.setProperty('--page', frame.dataset.dark ? JSON.parse(dark)[way].backgrounds[paper] : '#fff');
}

// Milliseconds echoes wait for keys to rest, and at most. Four of them at every key would hold up the next.
const REST = 150;
const LONGEST = 600;
let waiting;
let due = 0;

/** Puts the rendering the last answer brought into the sheet, and into the echoes once keys rest. */
export function showSheet(anew = false) {
  if (anew) fit(sheet());
  show(sheet());
  const now = performance.now();
  due ||= now + LONGEST;
  clearTimeout(waiting);
  waiting = setTimeout(echo, Math.min(REST, due - now));
}

function echo() {
  due = 0;
  whenIdle(() => echoes().forEach(show), { timeout: REST });
}

function show(frame) {
  const page = body(frame);
  if (!page || (frame === sheet() && isWriting())) return;
  const { html, revision, paper } = document.getElementById('sheet-source').dataset;
  const { dark } = document.getElementById('dark-source').dataset;
  if (page.dataset.revision === revision) {
    turn(page, frame.dataset.dark, dark, paper);
    return;
  }
  page.dataset.revision = revision;
  delete page.dataset.turned;
  // Our own markup: the only src attributes are those of pictures, their quotes always double.
  page.innerHTML = 'blocked' in frame.dataset ? html.replace(/ src="[^"]*"/g, ' src=""') : html;
  turn(page, frame.dataset.dark, dark, paper);
  if (frame !== sheet()) return;
  fit(frame);
  // One stop for all of it: arrows walk its pieces, and its links are among what is to be tried beside it.
  page.querySelectorAll('a').forEach((link) => {
    link.tabIndex = -1;
  });
  page.querySelectorAll('img').forEach((image) => image.addEventListener('load', () => fit(frame)));
}

/** Frames the elements of one piece on the sheet. */
export function selectOnSheet(id) {
  const box = document.getElementById('selection');
  const page = sheet() && body(sheet());
  const cell = id && page ? page.querySelector(`[data-piece~="${CSS.escape(id)}"]`) : null;
  box.hidden = !cell;
  if (!cell) return;
  const range = cell.ownerDocument.createRange();
  range.selectNodeContents(cell);
  const area = range.getBoundingClientRect();
  const { offsetLeft, offsetTop } = sheet();
  Object.assign(box.style, {
    left: `${offsetLeft + area.left - 5}px`,
    top: `${offsetTop + area.top - 4}px`,
    width: `${area.width + 10}px`,
    height: `${area.height + 8}px`,
  });
}

/**
 * @param onPick called with the id of a piece clicked on the sheet
 * @param touch what drags and walks pieces there
 * @param onReady called when the sheet's frame has loaded
 */
export function watchFrames(onPick, touch, onReady) {
  const watch = (frame) => {
    const ready = () => {
      const page = body(frame);
      if (!page || page.dataset.watched) return;
      page.dataset.watched = 'yes';
      reveal(frame);
      show(frame);
      if (frame !== sheet()) return;
      fit(frame);
      page.addEventListener('click', (event) => {
        const piece = event.target.closest('[data-piece]');
        if (wasDragged()) {
          event.preventDefault();
          event.stopImmediatePropagation();
          return;
        }
        if (!piece) return;
        // A press selects; with Ctrl or Cmd held the link opens in a tab of its own.
        if (!event.ctrlKey && !event.metaKey) event.preventDefault();
        onPick(piece.dataset.piece.split(' ')[0]);
      });
      const left = () => {
        page.dataset.revision = '';
        showSheet();
      };
      watchWriting(page, left);
      touch.page(page, isWriting, (id) => writeIn(page, id, left));
      onReady();
    };
    frame.addEventListener('load', ready);
    ready();
  };
  watch(sheet());
  const come = (place) => watch(unfold(place).querySelector('iframe'));
  comeLater(document.querySelectorAll('.echo'), come, { threshold: 0.5 });
}

// Words that are set anew when their typeface comes would jump: they are shown once it is there, or late.
const LATE = 1500;
function reveal(frame) {
  const shown = () => frame.classList.add('settled');
  frame.contentDocument.fonts.ready.then(shown);
  setTimeout(shown, LATE);
}
