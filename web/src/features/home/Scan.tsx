// The tablet's camera, read until a result is seen in it; nothing of it is kept.
import { t } from "../../ui/words";
import jsQR from "jsqr";
import { useEffect, useRef, useState } from "react";

const EVERY = 200;

export function Scan({ found }: { found: (text: string) => void }) {
  const video = useRef<HTMLVideoElement>(null);
  const [problem, setProblem] = useState("");
  const latest = useRef(found);
  useEffect(() => {
    latest.current = found;
  });
  useEffect(() => {
    let stream: MediaStream | undefined;
    let timer: ReturnType<typeof setInterval> | undefined;
    let gone = false;
    const canvas = document.createElement("canvas");
    const read = () => {
      const seen = video.current;
      const pen = canvas.getContext("2d", { willReadFrequently: true });
      if (!seen || !pen || !seen.videoWidth) return;
      canvas.width = seen.videoWidth;
      canvas.height = seen.videoHeight;
      pen.drawImage(seen, 0, 0);
      const picture = pen.getImageData(0, 0, canvas.width, canvas.height);
      const text = jsQR(picture.data, picture.width, picture.height)?.data;
      if (text?.startsWith("UA1.")) latest.current(text);
    };
    const start = async () => {
      try {
        const opened = await navigator.mediaDevices.getUserMedia({
          video: { facingMode: "environment", width: 1280 },
        });
        if (gone) {
          opened.getTracks().forEach((track) => track.stop());
          return;
        }
        stream = opened;
        if (video.current) {
          video.current.srcObject = opened;
          await video.current.play();
        }
        timer = setInterval(read, EVERY);
      } catch {
        setProblem(t("There is no camera, or it may not be used here. Paste the text instead."));
      }
    };
    void start();
    return () => {
      gone = true;
      clearInterval(timer);
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, []);
  return problem ? (
    <p role="alert">{problem}</p>
  ) : (
    <video
      ref={video}
      muted
      playsInline
      aria-label={t("The camera")}
      className="w-full rounded-md bg-black"
    />
  );
}
