/** How the end of a time is seen, heard and felt on this device; each can be switched off. */
const KEPT = 'brisk-measure.bench-signals';

export interface SignalChoices {
  /** The screen does not go dark while a mix is under way. */
  awake: boolean;
  sound: boolean;
  vibration: boolean;
  /** What is asked is read aloud, where the device has a voice. */
  speech: boolean;
}

const USUAL: SignalChoices = { awake: true, sound: true, vibration: true, speech: false };

/** Two tones that rise, in Hz, each so many seconds: nothing else on a bench sounds so. */
const TONES = [587, 880];
const TONE_S = 0.18;
const SHAKES_MS = [200, 120, 200];

export class Signals {
  choices = $state.raw<SignalChoices>(remembered());
  /** Whether the screen is held awake now. */
  isAwake = $state(false);

  #sound: AudioContext | undefined;
  #lock: WakeLockSentinel | undefined;
  #said = '';

  /** Begin: the screen stays awake until `stop`, where the device allows it. */
  start() {
    document.addEventListener('visibilitychange', this.#again);
    void this.#hold();
  }

  stop() {
    document.removeEventListener('visibilitychange', this.#again);
    void this.#lock?.release().catch(() => undefined);
    void this.#sound?.close().catch(() => undefined);
    if (canSpeak()) speechSynthesis.cancel();
  }

  choose(change: Partial<SignalChoices>) {
    this.choices = { ...this.choices, ...change };
    try {
      localStorage.setItem(KEPT, JSON.stringify(this.choices));
    } catch {
      // a browser that keeps nothing asks again next time
    }
    if (this.choices.awake) void this.#hold();
    else void this.#lock?.release().catch(() => undefined);
    if (change.sound) this.arm();
    if (change.sound || change.vibration) this.end();
  }

  /** Browsers let a page sound only once somebody has pressed something on it. */
  arm() {
    if (!this.choices.sound || this.#sound || !('AudioContext' in window)) return;
    this.#sound = new AudioContext();
    void this.#sound.resume().catch(() => undefined);
  }

  /** A time is over. */
  end() {
    if (this.choices.vibration && 'vibrate' in navigator) navigator.vibrate(SHAKES_MS);
    if (this.choices.sound) this.#ring();
  }

  /** Read aloud, once each. */
  say(words: string) {
    if (words === this.#said) return;
    this.#said = words;
    if (!this.choices.speech || !canSpeak()) return;
    speechSynthesis.cancel();
    speechSynthesis.speak(new SpeechSynthesisUtterance(words));
  }

  #ring() {
    const sound = this.#sound;
    if (sound?.state !== 'running') return;
    TONES.forEach((hertz, at) => {
      const tone = new OscillatorNode(sound, { frequency: hertz, type: 'triangle' });
      const begins = sound.currentTime + at * TONE_S;
      const loud = new GainNode(sound, { gain: 0.25 });
      loud.gain.setTargetAtTime(0, begins + TONE_S * 0.6, 0.05);
      tone.connect(loud).connect(sound.destination);
      tone.start(begins);
      tone.stop(begins + TONE_S * 2);
    });
  }

  /** A lock is lost whenever the page is out of sight. */
  #again = () => {
    if (document.visibilityState === 'visible') void this.#hold();
  };

  async #hold() {
    if (!this.choices.awake || !('wakeLock' in navigator) || this.isAwake) return;
    try {
      this.#lock = await navigator.wakeLock.request('screen');
      this.isAwake = true;
      this.#lock.addEventListener('release', () => (this.isAwake = false));
    } catch {
      this.isAwake = false; // a low battery, or a device that refuses: nothing needs it
    }
  }
}

/** Whether the device has a voice. */
export function canSpeak(): boolean {
  return 'speechSynthesis' in window;
}

function remembered(): SignalChoices {
  try {
    const kept = JSON.parse(localStorage.getItem(KEPT) ?? '{}') as Partial<SignalChoices>;
    return { ...USUAL, ...kept };
  } catch {
    return USUAL;
  }
}
