import type { UseQueryResult } from "@tanstack/react-query";

/** Why something did not come, and a way to ask for it again; nothing where it came. */
export function Trouble({
  query,
  className = "",
}: {
  query: Pick<UseQueryResult, "error" | "refetch" | "isFetching">;
  className?: string;
}) {
  if (!query.error) return null;
  return (
    <p role="alert" className={`text-live ${className}`}>
      {query.error.message}{" "}
      <button className="underline" disabled={query.isFetching} onClick={() => void query.refetch()}>
        {query.isFetching ? "Asking …" : "Try again"}
      </button>
    </p>
  );
}
