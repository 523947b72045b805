import { useRef, useState } from 'react';

/** A voice note, from one press to the next. */
export function useVoice(onTaken: (file: File) => void) {
    const [isRecording, setRecording] = useState(false);
    const [trouble, setTrouble] = useState<string | null>(null);
    const recorder = useRef<MediaRecorder | null>(null);
    const start = async () => {
        try {
            const stream = await navigator.mediaDevices.getUserMedia({ audio: true });
            const taker = new MediaRecorder(stream);
            const parts: Blob[] = [];
            taker.ondataavailable = (event) => parts.push(event.data);
            taker.onstop = () => {
                stream.getTracks().forEach((track) => track.stop());
                onTaken(new File(parts, 'voice', { type: taker.mimeType }));
            };
            taker.start();
            recorder.current = taker;
            setRecording(true);
            setTrouble(null);
        } catch {
            setTrouble('No microphone can be had: allow it in the browser, or write it down.');
        }
    };
    const toggle = () => {
        if (!isRecording) return void start();
        recorder.current?.stop();
        setRecording(false);
    };
    return { isRecording, trouble, toggle, canRecord: typeof MediaRecorder !== 'undefined' && 'mediaDevices' in navigator };
}
