// How the element in focus shows it: thickness of its ring, and its contrast with what it stands on.
const at = document.activeElement;
if (!at || at === document.body || at.matches('iframe')) return null;
const look = getComputedStyle(at.matches('.swatch input, .visually-hidden') ? at.nextElementSibling ?? at : at);
const numbers = (colour) => (colour.match(/[\d.]+/g) ?? [0, 0, 0, 0]).map(Number);
const light = (colour) => {
  const [r, g, b] = numbers(colour).map((value) => value / 255)
    .map((value) => (value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4));
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
};
let behind = at.parentElement;
const solid = (one) => {
  const [, , , alpha = 1] = numbers(getComputedStyle(one).backgroundColor);
  return alpha > 0.9;
};
while (behind.parentElement && !solid(behind)) behind = behind.parentElement;
const [one, other] = [light(look.outlineColor), light(getComputedStyle(behind).backgroundColor)];
return {
  what: at.outerHTML.slice(0, 110),
  ring: look.outlineStyle === 'none' ? 0 : Number.parseFloat(look.outlineWidth),
  contrast: (Math.max(one, other) + 0.05) / (Math.min(one, other) + 0.05),
};
