/** The path of a Chromium that starts; ends the process with a sentence where there is none and none may be installed. */
export function chromium(): string;
