/** A file's bytes in base64. */
export function base64(file: File): Promise<string> {
  return new Promise((done, failed) => {
    const reader = new FileReader();
    reader.onload = () => done(String(reader.result).split(",")[1] ?? "");
    reader.onerror = () => failed(new Error("The file could not be read."));
    reader.readAsDataURL(file);
  });
}
