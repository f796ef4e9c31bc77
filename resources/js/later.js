// What takes its time comes when it is in view and the page has nothing else to do, one after another.
export const whenIdle = window.requestIdleCallback ?? ((then) => setTimeout(then, 60));

/**
 * @param elements that wait
 * @param come called with each of them once; what it promises is waited for before the next
 * @param near what counts as in view (IntersectionObserver)
 */
export function comeLater(elements, come, near) {
  const turns = [];
  let busy = false;
  const next = () => {
    const element = turns.shift();
    busy = Boolean(element);
    if (element) whenIdle(() => Promise.resolve(come(element)).finally(next));
  };
  const inView = new IntersectionObserver((entries) => {
    entries
      .filter((entry) => entry.isIntersecting)
      .forEach(({ target }) => {
        inView.unobserve(target);
        turns.push(target);
      });
    if (!busy) next();
  }, near);
  elements.forEach((element) => inView.observe(element));
}
