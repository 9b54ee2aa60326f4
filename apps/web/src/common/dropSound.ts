let context: AudioContext | undefined;

/** How loud a drop is: the peak of its sound, of 1. */
const loudnesses = { softly: 0.12, usual: 0.4, loudly: 0.9 } as const;
export type Loudness = keyof typeof loudnesses;

/** To be called from a tap: browsers let a page sound only after one. */
export function readySound(): void {
  context ??= new AudioContext();
  void context.resume();
}

/** One drop into a tin: a knock, and the ring of the tin dying away. */
export function soundDrop(loudness: Loudness): void {
  if (!context) return;
  const now = context.currentTime;
  ring(context, now, 620, 0.16, loudnesses[loudness]);
  ring(context, now, 1_470, 0.32, loudnesses[loudness] * 0.45);
  ring(context, now, 2_630, 0.2, loudnesses[loudness] * 0.2);
}

function ring(audio: AudioContext, at: number, hertz: number, seconds: number, peak: number): void {
  const tone = new OscillatorNode(audio, { frequency: hertz });
  const gain = new GainNode(audio, { gain: 0 });
  gain.gain.setValueAtTime(0, at);
  gain.gain.linearRampToValueAtTime(peak, at + 0.004);
  gain.gain.exponentialRampToValueAtTime(0.0001, at + seconds);
  tone.connect(gain).connect(audio.destination);
  tone.start(at);
  tone.stop(at + seconds);
}
