// A picture made small in the browser, so that a photo of any telephone can be sent.
const SIDE = 1280;

/** The bytes of a picture in base64, at most 1280 pixels a side. Throws where the browser cannot read it. */
export async function shrink(file: File): Promise<string> {
  let picture: ImageBitmap;
  try {
    picture = await createImageBitmap(file, { imageOrientation: "from-image" });
  } catch {
    throw new Error(
      "This is no picture that can be read here. Choose a photo or drawing as JPEG, PNG or WebP.",
    );
  }
  const share = Math.min(1, SIDE / Math.max(picture.width, picture.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(picture.width * share));
  canvas.height = Math.max(1, Math.round(picture.height * share));
  canvas.getContext("2d")?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return canvas.toDataURL("image/webp", 0.85).split(",")[1] ?? "";
}
