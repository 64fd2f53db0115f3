/** A clock and a stopwatch that differ by more than this were not left alone. */
const LEAP_S = 2;

/**
 * The server's time, kept on by this device: phones whose clocks differ agree on when a wait is
 * over, and a clock that is set meanwhile ends none. All times are seconds, the server's since the
 * epoch.
 */
export class SharedClock {
  /** By how much the server's clock is ahead of this device's. */
  ahead = 0;
  /** Whether this device's clock leapt since the server told the time. */
  isUnsure = false;
  #clock = Date.now();
  #stopwatch = performance.now();
  #isHidden = false;
  /** What the clock leapt while the screen was off. */
  #asleep = 0;

  start() {
    document.addEventListener('visibilitychange', this.#turn);
  }

  stop() {
    document.removeEventListener('visibilitychange', this.#turn);
  }

  get now(): number {
    this.#check();
    return Date.now() / 1000 + this.ahead;
  }

  /** The server has told its time; that is older now by its way here, so no wait ends early. */
  set(told: number) {
    this.#check();
    this.ahead = told - Date.now() / 1000;
    this.#asleep = 0;
    this.isUnsure = false;
  }

  /** Nobody can tell the time: a device whose screen was off has slept. */
  guess() {
    this.ahead += this.#asleep;
    this.#asleep = 0;
  }

  #turn = () => {
    this.#check();
    this.#isHidden = document.hidden;
  };

  /** A stopwatch may stand still while a device sleeps, but nobody sets it: until it is known which
   * it was, no time has passed. */
  #check() {
    const leapt = (Date.now() - this.#clock - (performance.now() - this.#stopwatch)) / 1000;
    this.#clock = Date.now();
    this.#stopwatch = performance.now();
    if (Math.abs(leapt) < LEAP_S) return;
    this.ahead -= leapt;
    this.isUnsure = true;
    if (this.#isHidden) this.#asleep += leapt;
  }
}
