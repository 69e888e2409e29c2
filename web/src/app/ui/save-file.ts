/** Offers text as a file to the browser. */
export const saveFile = (name: string, text: string, type = 'application/json'): void => saveBlob(name, new Blob([text], { type }));

/** Offers bytes as a file to the browser. */
export function saveBlob(name: string, blob: Blob): void {
  const address = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = address;
  link.download = name.replace(/[/\\:*?"<>|]/g, '-');
  link.click();
  URL.revokeObjectURL(address);
}
