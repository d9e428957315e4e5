const NOTES_HZ = [659, 523];
const NOTE_S = 0.35;
const LOUD = 0.25;

/** Two notes, as a shop's door rings; nothing where the browser makes no sound. */
export function ring(): void {
  if (typeof AudioContext === "undefined") return;
  const sound = new AudioContext();
  NOTES_HZ.forEach((hz, i) => {
    const from = sound.currentTime + i * NOTE_S;
    const tone = sound.createOscillator();
    const gain = sound.createGain();
    tone.frequency.value = hz;
    gain.gain.setValueAtTime(LOUD, from);
    gain.gain.exponentialRampToValueAtTime(0.001, from + 2 * NOTE_S);
    tone.connect(gain).connect(sound.destination);
    tone.start(from);
    tone.stop(from + 2 * NOTE_S);
    if (i === NOTES_HZ.length - 1) tone.onended = () => void sound.close();
  });
}
