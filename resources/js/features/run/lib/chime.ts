/** Two short tones: something is free again. Silent where a browser gives no sound before anybody has touched the page. */
export function chime(): void {
    try {
        const sound = new AudioContext();
        for (const [i, pitch] of [660, 880].entries()) {
            const tone = sound.createOscillator();
            const loud = sound.createGain();
            tone.frequency.value = pitch;
            loud.gain.value = 0.15;
            tone.connect(loud).connect(sound.destination);
            tone.start(sound.currentTime + i * 0.22);
            tone.stop(sound.currentTime + i * 0.22 + 0.18);
        }
        setTimeout(() => void sound.close(), 1000);
    } catch {
        // No sound is no reason to stop.
    }
}
