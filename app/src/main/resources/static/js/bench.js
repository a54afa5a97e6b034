// The simulated sensor, live: draws what streams in and tells the server up to which second to keep it.
const form = document.getElementById('live-form');
const shownSeconds = 30;
const points = [];
let source = null;

const draw = () => {
  const last = points.at(-1);
  const shown = points.filter((one) => one.time > last.time - shownSeconds);
  const values = shown.map((one) => one.value).filter((value) => value !== null);
  const low = Math.min(0, ...values);
  const high = Math.max(10, ...values) * 1.1;
  let pen = 'M';
  let path = '';
  for (const one of shown) {
    if (one.value === null) {
      pen = 'M';
      continue;
    }
    const x = (600 * (one.time - last.time + shownSeconds)) / shownSeconds;
    path += `${pen}${x.toFixed(1)},${(149 - (140 * (one.value - low)) / (high - low)).toFixed(1)}`;
    pen = 'L';
  }
  document.getElementById('live-line').setAttribute('d', path);
};

const stop = (words) => {
  source?.close();
  source = null;
  document.getElementById('live-said').textContent = words;
};

form?.querySelector('#live-start').addEventListener('click', () => {
  stop('');
  points.length = 0;
  const asked = new URLSearchParams({ profile: form.profile.value, protocol: form.protocol.value, seed: form.seed.value });
  source = new EventSource(`${form.dataset.stream}?${asked}`);
  source.addEventListener('sample', (event) => {
    const [time, value] = event.data.split(',');
    points.push({ time: Number(time), value: value === '' ? null : Number(value) });
    document.getElementById('live-seconds').value = time;
    document.getElementById('live-said').textContent =
      `${Math.floor(Number(time))} s, ${value === '' ? 'no contact' : `${Number(value).toFixed(1)} cmH₂O`}`;
    draw();
  });
  source.addEventListener('end', () => stop('The protocol is over. Keep it, or start again.'));
  source.onerror = () => stop('The stream broke off. What was drawn can be kept.');
});
form?.addEventListener('submit', () => source?.close());
