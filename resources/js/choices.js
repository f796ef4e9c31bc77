// A choice in a list's tools takes effect when it is made; what was chosen has the focus again on the next page.
const KEPT = `inky-chosen ${location.pathname}`;
const atOnce = [...document.querySelectorAll('form[data-at-once]')];
const controls = () => atOnce.flatMap((form) => [...form.querySelectorAll('select, [type="checkbox"]')]);
atOnce.forEach((form) =>
  form.addEventListener('change', ({ target }) => {
    if (!target.matches('select, [type="checkbox"]')) return;
    sessionStorage.setItem(KEPT, controls().indexOf(target));
    form.requestSubmit();
  }),
);
controls()[sessionStorage.getItem(KEPT) ?? -1]?.focus();
sessionStorage.removeItem(KEPT);
