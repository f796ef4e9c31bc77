// What a script puts on the page, in the page's language: `:name` in a message is the value of that name.
const said = JSON.parse(document.getElementById('words')?.textContent ?? '{}');

export function words(message, values = {}) {
  return (said[message] ?? message).replace(/:([a-z]+)/g, (whole, name) => values[name] ?? whole);
}
