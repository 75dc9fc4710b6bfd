import { useState } from "react";

/** Whether somebody points at an element or has the focus in it, and what the element must be given to tell. */
export function usePointed() {
  const [pointed, setPointed] = useState(false);
  return {
    pointed,
    listeners: {
      onMouseEnter: () => setPointed(true),
      onMouseLeave: () => setPointed(false),
      onFocus: () => setPointed(true),
      onBlur: () => setPointed(false),
    },
  };
}
