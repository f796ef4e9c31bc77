// The time of a moment, as the reader's place tells it.
export function clock(moment) {
  return new Date(moment).toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' });
}
