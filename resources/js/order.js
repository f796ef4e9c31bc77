// Rows of the running order are dragged within their zone and across zones; Alt + arrows do the same by key.
const order = () => document.getElementById('order');

export function watchDragging() {
  if (!window.Sortable) return;
  const make = () =>
    order()
      .querySelectorAll('ol[data-zone]')
      .forEach((list) => {
        if (window.Sortable.get(list)) return;
        window.Sortable.create(list, {
          group: 'pieces',
          handle: '.grasp',
          draggable: '.piece',
          animation: matchMedia('(prefers-reduced-motion: reduce)').matches ? 0 : 120,
          forceFallback: true,
          fallbackTolerance: 3,
          ghostClass: 'piece-ghost',
          onStart: () => order().classList.add('dragging'),
          onEnd: ({ item, to, oldIndex, newIndex, from }) => {
            order().classList.remove('dragging');
            if (from === to && oldIndex === newIndex) return;
            const form = document.getElementById('place');
            const id = item.id.replace('piece-', '');
            form.setAttribute(
              'hx-post',
              `${location.pathname.replace(/\/$/, '')}/pieces/${encodeURIComponent(id)}/place`,
            );
            form.elements.zone.value = to.dataset.zone;
            form.elements.before.value = item.nextElementSibling?.id.replace('piece-', '') ?? '';
            window.htmx.process(form);
            window.htmx.ajax('POST', form.getAttribute('hx-post'), {
              source: form,
              swap: 'none',
              values: { zone: form.elements.zone.value, before: form.elements.before.value },
            });
          },
        });
      });
  make();
  // A press on the grip is no press on the row.
  document.addEventListener(
    'click',
    (event) => {
      if (event.target.closest('.grasp')) event.preventDefault();
    },
    true,
  );
  document.addEventListener('htmx:afterSettle', make);
}
