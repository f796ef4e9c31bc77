// Words are written where they stand: a press on those of a field makes them editable on the sheet, and every key is
// the same edit as in its row. Esc and Enter leave, Tab goes to the next words.
import { unfold } from './folds.js';

const evened = (text) => text.replace(/\s+/g, ' ').trim();

let at = null;

/** Whether words on the sheet are being written: what answers bring waits for that. */
export const isWriting = () => at !== null;

/**
 * @param page body of the sheet's frame
 * @param left called when writing ends: the sheet is drawn anew
 */
export function watchWriting(page, left) {
  page.addEventListener('click', (event) => {
    const node = nodeAt(page.ownerDocument, event);
    if (!node || at?.element.contains(node)) return;
    leave(left);
    write(node, event, left);
  });
}

function nodeAt(frame, { clientX, clientY }) {
  const range = frame.caretRangeFromPoint?.(clientX, clientY);
  const place = range ?? frame.caretPositionFromPoint?.(clientX, clientY);
  const node = place?.startContainer ?? place?.offsetNode;
  return node?.nodeType === 3 ? node : null;
}

// The field whose words these are, in the row of one of the pieces in this cell.
function fieldOf(node) {
  const words = evened(node.data);
  const ids = node.parentElement?.closest('[data-piece]')?.dataset.piece.split(' ') ?? [];
  const inputs = ids.flatMap((id) => [
    ...(unfold(document.getElementById(`piece-${id}`))?.querySelectorAll(
      '.fields input[type="text"], .fields textarea',
    ) ?? []),
  ]);
  return words && inputs.find((input) => evened(input.value) === words || evened(input.value).toUpperCase() === words);
}

function write(node, event, left) {
  const field = fieldOf(node);
  if (!field) return;
  const frame = node.ownerDocument;
  const element = frame.createElement('span');
  // Spaced capitals are how they look, not what they are.
  const capitals = evened(node.data) !== evened(field.value);
  node.replaceWith(element);
  element.textContent = field.value;
  element.style.cssText = `outline:none;cursor:text${capitals ? ';text-transform:uppercase' : ''}`;
  element.contentEditable = 'plaintext-only';
  element.setAttribute('role', 'textbox');
  element.setAttribute('aria-label', field.labels?.[0]?.textContent ?? 'Words');
  at = { element, field };
  element.focus();
  const caret = event && nodeAt(frame, event) ? frame.caretRangeFromPoint?.(event.clientX, event.clientY) : null;
  const range = caret ?? frame.createRange();
  if (!caret) {
    range.selectNodeContents(element);
    range.collapse(false);
  }
  frame.getSelection().removeAllRanges();
  frame.getSelection().addRange(range);
  element.addEventListener('input', () => {
    field.value = evened(element.textContent);
    field.dispatchEvent(new Event('input', { bubbles: true }));
  });
  element.addEventListener('keydown', (key) => {
    if (!['Escape', 'Enter', 'Tab'].includes(key.key)) return;
    key.preventDefault();
    key.stopPropagation();
    const next = key.key === 'Tab' ? neighbour(element, key.shiftKey ? -1 : 1) : null;
    leave(left);
    if (next) go(frame.body, next, left);
  });
  element.addEventListener('blur', () => leave(left));
}

// What comes next is named by its field: the sheet is drawn anew in between.
function neighbour(element, by) {
  const all = words(element.ownerDocument.body);
  const here = all.findIndex((node) => element.contains(node));
  const next = all[here + by];
  return next ? fieldOf(next) : null;
}

function words(page) {
  const walker = page.ownerDocument.createTreeWalker(page, 4);
  const all = [];
  while (walker.nextNode()) {
    const node = walker.currentNode;
    if (at?.element.contains(node) || fieldOf(node)) all.push(node);
  }
  return all;
}

/** Writes in the first words of a piece. */
export function writeIn(page, id, left) {
  const of = (one) => one.parentElement.closest('[data-piece]')?.dataset.piece.split(' ') ?? [];
  const node = words(page).find((one) => of(one).includes(id));
  if (node) write(node, null, left);
}

function go(page, field, left) {
  const node = words(page).find((one) => fieldOf(one) === field);
  if (node) write(node, null, left);
}

function leave(left) {
  if (!at) return;
  const { element } = at;
  at = null;
  element.removeAttribute('contenteditable');
  left();
}
