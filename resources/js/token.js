// From the cookie, so that signing in again in another tab is enough.
export function token() {
  const found = document.cookie.match(/XSRF-TOKEN=([^;]+)/);
  return found ? decodeURIComponent(found[1]) : '';
}
