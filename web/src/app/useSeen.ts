import { useEffect, useRef, useState } from "react";

/** Whether an element has come near the part of the page that shows; once it has, it stays so. */
export function useSeen<T extends HTMLElement>() {
  const element = useRef<T>(null);
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    const at = element.current;
    if (!at || seen) return;
    const observer = new IntersectionObserver(
      (entries) => {
        if (entries.some((entry) => entry.isIntersecting)) setSeen(true);
      },
      { rootMargin: "200px" },
    );
    observer.observe(at);
    return () => observer.disconnect();
  }, [seen]);
  return { element, seen };
}
