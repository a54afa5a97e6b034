// The session editor by keys and by dragging. Every change is a form the server answers; without this file the buttons do it.
const editor = () => document.getElementById('editor');
const lines = () => [...editor().querySelectorAll('.edit-line')];
const keysOff = document.querySelector('meta[name=bloom-keys]') !== null;
const press = (line, act) => line.querySelector(`button[value=${act}]`)?.click();
const narrow = window.matchMedia('(max-width: 68.75em)').matches;
let dragged = null;

// On a narrow screen a line shows its buttons when it is opened. Without this file it shows them always.
function open(line, isOpen) {
  line.classList.toggle('is-open', isOpen);
  line.querySelector('.edit-open').setAttribute('aria-expanded', String(isOpen));
}

function fold(at) {
  if (!narrow) return;
  editor().classList.add('is-compact');
  lines().forEach((line) => {
    line.querySelectorAll('.edit-open, .edit-amount').forEach((part) => {
      part.hidden = false;
    });
    open(line, line.classList.contains('is-broken') || line.dataset.line === at);
  });
}
fold(editor().querySelector('.edit-others') ? editor().dataset.at : '');

document.addEventListener('click', (event) => {
  const line = event.target instanceof Element && event.target.closest('.edit-open') && event.target.closest('.edit-line');
  if (line) open(line, !line.classList.contains('is-open'));
});

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
    open(line, true);
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
  fold(now.dataset.at);
  const first = now.querySelector('.edit-others button');
  (first ?? document.getElementById(`line-${now.dataset.at}`))?.focus();
});
