/** Offers text as a file to the browser. */
export function saveFile(name: string, text: string, type = 'application/json'): void {
  const address = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name.replace(/[/\\:*?"<>|]/g, '-');
  link.click();
  URL.revokeObjectURL(address);
}
