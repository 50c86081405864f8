/** Gives a file to the browser's downloads. */
export function download(file: Blob, name: string): void {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(file);
  link.download = name.replaceAll(/[^\p{L}\p{N}.-]+/gu, "-").toLowerCase();
  link.click();
  URL.revokeObjectURL(link.href);
}
