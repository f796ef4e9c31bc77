// Where the work is: a press whose button goes away with what it did leaves the focus beside where it was.
const FOCUSABLE = 'summary, a[href], button:not(:disabled), input:not([type="hidden"]), textarea, select';

/**
 * Remembers where the focus is.
 *
 * @return puts it back there, or to what stands nearest, where it was lost
 */
export function place() {
  const had = document.activeElement;
  if (!had || had === document.body) return () => {};
  const around = [];
  for (let one = had; one && one !== document.body; one = one.parentElement) {
    around.push({ one, id: one.id, parent: one.parentElement, index: [...one.parentElement.children].indexOf(one) });
  }
  return () => {
    if (document.activeElement !== document.body && document.activeElement?.isConnected) return;
    for (const { one, id, parent, index } of around) {
      const same = one.isConnected ? one : id && document.getElementById(id);
      if (same) return inside(same);
      // A sibling moved up into its place; the last one's place is that of the one before it.
      const list = parent.isConnected ? parent : parent.id && document.getElementById(parent.id);
      const next = list?.children[Math.min(index, list.children.length - 1)];
      if (next) return inside(next);
    }
  };
}

function inside(element) {
  const target = element.matches(FOCUSABLE) ? element : element.querySelector(FOCUSABLE);
  target?.focus({ preventScroll: true });
}
