/** A name inside a sentence: only its first letter changes, so that grades such as P80 and abbreviations such as ABS keep theirs. */
export const lowerFirst = (text: string): string => (/^[A-Z]{2}/.test(text) ? text : text.charAt(0).toLowerCase() + text.slice(1));
export const upperFirst = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
