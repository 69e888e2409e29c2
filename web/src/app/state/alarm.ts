import { Injectable, signal } from '@angular/core';

/** Beeps: Hz and how often. */
const TONES = { 'check now': { pitch: 880, times: 2 }, late: { pitch: 988, times: 3 }, dried: { pitch: 660, times: 4 } } as const;
export type Ring = keyof typeof TONES;

const KEY = 'lift-bare.bench.sound';
const LENGTH = 0.16;
const PAUSE = 0.12;

/** Sound of the bench. Browsers let a page sound only after a touch, so it is switched on by one. */
@Injectable({ providedIn: 'root' })
export class Alarm {
  readonly on = signal(false);
  /** was on at the last visit: one touch anywhere brings it back */
  readonly wanted = signal(localStorage.getItem(KEY) === 'on');
  private audio: AudioContext | null = null;

  toggle(): void {
    const on = !this.on();
    localStorage.setItem(KEY, on ? 'on' : 'off');
    this.wanted.set(on);
    this.on.set(on);
    if (!on) return;
    this.audio ??= new AudioContext();
    void this.audio.resume();
    if ('Notification' in window && Notification.permission === 'default') void Notification.requestPermission();
    this.ring('check now');
  }

  /** As a notice of the system, where somebody has allowed it and looks elsewhere. */
  notify(title: string, body: string): void {
    if (!this.on() || document.visibilityState === 'visible' || !('Notification' in window) || Notification.permission !== 'granted') return;
    try {
      new Notification(title, { body, tag: title });
    } catch {
      // Some phones take notices from a service worker only; sound and page are left.
    }
  }

  ring(kind: Ring): void {
    if (!this.on() || !this.audio) return;
    const { pitch, times } = TONES[kind];
    for (let i = 0; i < times; i++) this.beep(pitch, this.audio.currentTime + i * (LENGTH + PAUSE));
    navigator.vibrate?.(Array.from({ length: 2 * times - 1 }, (_, i) => (i % 2 === 0 ? 200 : 120)));
  }

  private beep(pitch: number, at: number): void {
    if (!this.audio) return;
    const tone = new OscillatorNode(this.audio, { type: 'square', frequency: pitch });
    const volume = new GainNode(this.audio, { gain: 0.25 });
    tone.connect(volume).connect(this.audio.destination);
    tone.start(at);
    tone.stop(at + LENGTH);
  }
}
