// The time of a moment, as the page writes times and where its reader is.
export function clock(moment) {
  const { region, zone } = document.documentElement.dataset;
  return new Date(moment).toLocaleTimeString(region, { hour: '2-digit', minute: '2-digit', timeZone: zone });
}
