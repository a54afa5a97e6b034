// Soft tones, off until somebody wants them, and a screen that stays on.

export function tones() {
  let audio = null;
  return {
    isOn: () => audio !== null,
    toggle() {
      audio = audio ? null : new AudioContext();
    },
    play(pitch) {
      if (!audio) return;
      const sound = audio.createOscillator();
      const loudness = audio.createGain();
      sound.frequency.value = pitch;
      loudness.gain.setValueAtTime(0.08, audio.currentTime);
      loudness.gain.exponentialRampToValueAtTime(0.0001, audio.currentTime + 0.35);
      sound.connect(loudness).connect(audio.destination);
      sound.start();
      sound.stop(audio.currentTime + 0.4);
    },
  };
}

let awake = null;
export async function stayAwake() {
  try {
    awake ??= await navigator.wakeLock?.request('screen');
    awake?.addEventListener('release', () => {
      awake = null;
    });
  } catch {
    awake = null;
  }
}
