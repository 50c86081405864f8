const SIDE = 960;

/** A picture as base64, made small here, so that no large photo crosses the line. Throws for what is no picture. */
export async function pictureOf(file: File): Promise<string> {
  const picture = await createImageBitmap(file);
  const scale = Math.min(1, SIDE / Math.max(picture.width, picture.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.round(picture.width * scale);
  canvas.height = Math.round(picture.height * scale);
  canvas.getContext("2d")?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return canvas.toDataURL("image/jpeg", 0.8).split(",")[1] ?? "";
}
