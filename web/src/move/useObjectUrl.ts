import { useEffect, useState } from "react";

/** An address of bytes in this page, for as long as they are shown. */
export function useObjectUrl(blob: Blob | undefined): string {
  const [address, setAddress] = useState("");
  useEffect(() => {
    if (!blob) return;
    const made = URL.createObjectURL(blob);
    setAddress(made);
    return () => URL.revokeObjectURL(made);
  }, [blob]);
  return address;
}
