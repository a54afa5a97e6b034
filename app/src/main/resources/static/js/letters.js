// The first page in a tab stands before its letters arrive, in those of the machine; every later one has them from the start.
const OURS = 'letters';
const haveLetters = () => document.documentElement.classList.add('has-letters');
try {
  if (window.sessionStorage.getItem(OURS)) haveLetters();
  else window.addEventListener('load', () => window.sessionStorage.setItem(OURS, 'here'));
} catch {
  // Nothing may be kept in this browser: they come after every page.
}
window.addEventListener('load', haveLetters);
