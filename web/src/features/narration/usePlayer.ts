import { useEffect, useState } from 'react';
import { captionTime } from './narration';

function voice(): SpeechSynthesisVoice | undefined {
  const voices = 'speechSynthesis' in window ? window.speechSynthesis.getVoices() : [];
  return voices.find((v) => v.lang.startsWith('en')) ?? voices[0];
}

/** Says one sentence, or lets its caption stand; calls back at the end. Returns how to stop it. */
function say(sentence: string, rate: number, onEnd: () => void): () => void {
  const speaker = voice();
  if (speaker === undefined) {
    const timer = window.setTimeout(onEnd, captionTime(sentence, rate));
    return () => window.clearTimeout(timer);
  }
  const utterance = new SpeechSynthesisUtterance(sentence);
  utterance.voice = speaker;
  utterance.rate = rate;
  utterance.onend = onEnd;
  window.speechSynthesis.speak(utterance);
  return () => {
    utterance.onend = null;
    window.speechSynthesis.cancel();
  };
}

/** Plays sentences one after another. `done` when the last one has been said. */
export function usePlayer(sentences: string[] | undefined) {
  const [at, setAt] = useState(0);
  const [playing, setPlaying] = useState(true);
  const [rate, setRate] = useState(1);
  const count = sentences?.length ?? 0;
  const done = count > 0 && at >= count;
  useEffect(() => {
    const sentence = sentences?.[at];
    if (!playing || sentence === undefined) {
      return undefined;
    }
    return say(sentence, rate, () => setAt((now) => now + 1));
  }, [playing, sentences, rate, at]);
  return {
    at,
    playing,
    rate,
    done,
    setRate,
    toggle: () => {
      setAt((now) => (done ? 0 : now));
      setPlaying(done || !playing);
    },
    go: (by: number) => setAt((now) => Math.max(0, Math.min(count - 1, now + by))),
  };
}
