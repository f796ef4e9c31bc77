// Rows of the running order are dragged within their zone and across zones; Alt + arrows do the same by key.
import { unfold } from './folds.js';

const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
const order = () => document.getElementById('order');

/** @param place called with the address of an edit and what it says when a row is let go somewhere else */
export function watchDragging(place) {
  const links = (list) =>
    window.Sortable.get(list) ||
    window.Sortable.create(list, {
      handle: '.link-grasp',
      draggable: '.profile',
      animation: still ? 0 : 120,
      forceFallback: true,
      fallbackTolerance: 3,
      ghostClass: 'piece-ghost',
      onEnd: ({ item, oldDraggableIndex, newDraggableIndex: to }) => {
        if (oldDraggableIndex === to) return;
        place(`${list.dataset.links}?link=${encodeURIComponent(item.dataset.link)}`, { to: String(to) });
      },
    });
  const make = () => {
    order().querySelectorAll('ol[data-links]').forEach(links);
    order()
      .querySelectorAll('ol[data-zone]')
      .forEach((list) => {
        if (window.Sortable.get(list)) return;
        window.Sortable.create(list, {
          group: 'pieces',
          handle: '.grasp',
          draggable: '.piece',
          animation: still ? 0 : 120,
          forceFallback: true,
          fallbackTolerance: 3,
          ghostClass: 'piece-ghost',
          onStart: () => order().classList.add('dragging'),
          onEnd: ({ item, to, oldIndex, newIndex, from }) => {
            order().classList.remove('dragging');
            if (from === to && oldIndex === newIndex) return;
            place(`${unfold(item).querySelector('.fields').getAttribute('action')}/place`, {
              zone: to.dataset.zone,
              before: item.nextElementSibling?.id.replace('piece-', '') ?? '',
            });
          },
        });
      });
  };
  // The package that drags comes with the first move of a pointer: nobody drags before.
  const ready = new Promise((done) => {
    const load = () => {
      const src = new URL('../vendor/Sortable.min.js', import.meta.url).href;
      document.head.append(Object.assign(document.createElement('script'), { src, onload: done }));
    };
    document.addEventListener('pointermove', load, { once: true });
  });
  ready.then(make);
  // A press on the grip is no press on the row.
  document.addEventListener(
    'click',
    (event) => {
      if (event.target.closest('.grasp, .link-grasp')) event.preventDefault();
    },
    true,
  );
  const anew = () => window.Sortable && make();
  document.addEventListener('htmx:oobAfterSwap', anew);
  document.addEventListener('unfolded', anew);
}
