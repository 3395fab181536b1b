/** Gives a text to the browser as a file. @param name as a baker would say it; made fit for a file */
export function saveFile(name: string, ending: string, text: string, type: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement("a");
  link.href = url;
  link.download = `${name.toLowerCase().replaceAll(/[^a-z0-9]+/gu, "-")}.${ending}`;
  link.click();
  URL.revokeObjectURL(url);
}
