/** A voice that this device has itself; voices that need a network are never used. */
function localVoice(language: string): SpeechSynthesisVoice | undefined {
  if (!('speechSynthesis' in window)) return undefined;
  return speechSynthesis.getVoices().find((voice) => voice.localService && voice.lang.startsWith(language));
}

/** Whether the puppet can speak by itself; else the adult lends it a voice. */
export const canSpeak = (language: string): boolean => localVoice(language) !== undefined;

export function speak(word: string, language: string): void {
  const voice = localVoice(language);
  if (!voice) return;
  const utterance = new SpeechSynthesisUtterance(word);
  utterance.voice = voice;
  utterance.lang = voice.lang;
  speechSynthesis.speak(utterance);
}
