// Numbers of tuning go a step up or down by a press; held or pressed again they are one edit when they rest.
const REST = 220;
const rests = new WeakMap();

export function watchSteppers(bench) {
  bench.addEventListener('click', ({ target }) => {
    const button = target.closest('[data-step]');
    const input = button?.parentElement.querySelector('input[type="number"]');
    if (!input) return;
    // Empty it is as the style says: a step goes from there.
    if (input.value === '') input.value = Number.parseFloat(input.placeholder) || input.min;
    if (button.dataset.step === '1') input.stepUp();
    else input.stepDown();
    clearTimeout(rests.get(input));
    rests.set(
      input,
      setTimeout(() => input.dispatchEvent(new Event('change', { bubbles: true })), REST),
    );
  });
}
