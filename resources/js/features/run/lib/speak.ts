/** Reads aloud what a person cannot look at, in place of what was being read. Silent where the browser has no voice. */
export function speak(text: string): void {
    if (!('speechSynthesis' in window) || text === '') return;
    window.speechSynthesis.cancel();
    window.speechSynthesis.speak(new SpeechSynthesisUtterance(text));
}

/** What is said of a step: its title, what may hurt, and where it is held. */
export function spoken(step: { title: string; cautions: string[]; hold: { what: string } | null }): string {
    return [step.title, ...step.cautions, ...(step.hold ? [`Hold point: ${step.hold.what}`] : [])].join('. ');
}
