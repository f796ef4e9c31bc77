// Where every piece of every card on the page stands, from its card's top left, less padding and borders.
const done = arguments[0];

function boxesOf(card) {
  const root = card.firstElementChild.getBoundingClientRect();
  const boxes = {};
  for (const cell of card.querySelectorAll('[data-piece]')) {
    const style = getComputedStyle(cell);
    const outer = cell.getBoundingClientRect();
    const bordered = cell.textContent || cell.querySelector('img');
    const inset = (side) =>
      parseFloat(style[`padding${side}`]) + (bordered ? parseFloat(style[`border${side}Width`]) : 0);
    const left = outer.left + inset('Left');
    const top = outer.top + inset('Top');
    const right = outer.right - inset('Right');
    const bottom = outer.bottom - inset('Bottom');
    for (const piece of cell.dataset.piece.split(' ')) {
      const [l, t, r, b] = boxes[piece] ?? [left, top, right, bottom];
      boxes[piece] = [Math.min(l, left), Math.min(t, top), Math.max(r, right), Math.max(b, bottom)];
    }
  }
  const relative = ([l, t, r, b]) => [l - root.left, t - root.top, r - l, b - t];

  return {
    size: [root.width, root.height],
    boxes: Object.fromEntries(Object.entries(boxes).map(([piece, box]) => [piece, relative(box)])),
  };
}

document.fonts.ready.then(() => {
  const cards = [...document.querySelectorAll('[data-card]')];
  done(Object.fromEntries(cards.map((card) => [card.dataset.card, boxesOf(card)])));
});
