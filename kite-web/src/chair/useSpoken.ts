import { useEffect, useState } from "react";

const KEY = "kite-speak";

/** The next move said aloud by the browser, when the stylist wants it. */
export function useSpoken(words: string): { on: boolean; set: (on: boolean) => void } {
  const [on, setOn] = useState(() => localStorage.getItem(KEY) === "yes");
  const set = (wanted: boolean) => {
    localStorage.setItem(KEY, wanted ? "yes" : "no");
    setOn(wanted);
  };
  useEffect(() => {
    if (!on || !words || typeof speechSynthesis === "undefined") return;
    speechSynthesis.cancel();
    const said = new SpeechSynthesisUtterance(words);
    said.lang = "en";
    speechSynthesis.speak(said);
    return () => speechSynthesis.cancel();
  }, [on, words]);
  return { on, set };
}
