import { useState } from "react";

/** A picture that the server draws; says so until it is there. */
export function Sample({ src, title }: { src: string; title: string }) {
  const [state, setState] = useState<"drawing" | "drawn" | "failed">("drawing");
  return (
    <>
      {state !== "drawn" && <span className="absolute inset-0 m-auto size-fit bg-sheet px-1.5">{state === "drawing" ? "Drawing …" : "This picture did not come; reload the page."}</span>}
      <img src={src} alt={`${title} in this brand`} loading="lazy" className="absolute inset-0 size-full object-scale-down p-1" onLoad={() => setState("drawn")} onError={() => setState("failed")} />
    </>
  );
}
