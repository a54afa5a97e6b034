// The session editor by keys and by dragging. Every change is a form the server answers; without this file the buttons do it.
const editor = () => document.getElementById('editor');
const lines = () => [...editor().querySelectorAll('.edit-line')];
const keysOff = document.querySelector('meta[name=bloom-keys]') !== null;
const press = (line, act) => line.querySelector(`button[value=${act}]`)?.click();
let dragged = null;

document.addEventListener('keydown', (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || keysOff) return;
  if (event.target instanceof Element && event.target.closest('input, textarea, select')) return;
  const all = lines();
  const line = event.target instanceof Element ? event.target.closest('.edit-line') : null;
  const at = line ? all.indexOf(line) : -1;
  const key = event.key.toLowerCase();
  if (key === 'u') {
    event.preventDefault();
    editor().querySelector('[data-undo]:not(:disabled)')?.click();
  } else if (key === 'j' || key === 'k') {
    event.preventDefault();
    if (event.shiftKey && line) press(line, key === 'j' ? 'DOWN' : 'UP');
    else all[Math.max(0, Math.min(all.length - 1, at + (key === 'j' ? 1 : -1)))]?.focus();
  } else if (line && key === 's') {
    event.preventDefault();
    line.querySelector('[data-swap]').click();
  } else if (line && key === 'd') {
    event.preventDefault();
    line.querySelector('[name=amount]').select();
  } else if (line && key === 'x') {
    event.preventDefault();
    press(line, 'REMOVE');
  }
});

document.addEventListener('dragstart', (event) => {
  dragged = event.target instanceof Element ? event.target.closest('.edit-line') : null;
});
document.addEventListener('dragover', (event) => {
  if (dragged && event.target instanceof Element && event.target.closest('.edit-line')) event.preventDefault();
});
document.addEventListener('drop', (event) => {
  const over = event.target instanceof Element ? event.target.closest('.edit-line') : null;
  if (!dragged || !over || over === dragged) return;
  event.preventDefault();
  const form = dragged.querySelector('.edit-acts');
  const button = document.createElement('button');
  button.name = 'act';
  button.value = 'MOVE';
  button.hidden = true;
  const to = document.createElement('input');
  to.type = 'hidden';
  to.name = 'to';
  to.value = over.dataset.line;
  form.append(to, button);
  button.click();
});

// After a change the line that was changed has the focus again.
document.addEventListener('htmx:afterSettle', (event) => {
  const now = editor();
  if (!now || !(event.target instanceof Element) || !(event.target.id === 'editor' || event.target.contains(now))) return;
  const first = now.querySelector('.edit-others button');
  (first ?? document.getElementById(`line-${now.dataset.at}`))?.focus();
});
