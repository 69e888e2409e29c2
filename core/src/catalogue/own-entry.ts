/** What a table has under a key that came from a document; nothing that every object has by itself, such as "constructor". */
export const ownEntry = <T>(table: Readonly<Record<string, T>>, key: string): T | undefined => (Object.hasOwn(table, key) ? table[key] : undefined);
