/** The product's own mark: a plate that runs out like a wave, with a light on it. */
export function Mark({ size }: { size: number }) {
  return (
    <svg className="shrink-0" width={size} height={size} viewBox="0 0 32 32" aria-hidden="true">
      <path className="fill-kelp" d="M3 5h15c6 0 5 22 11 22H3z" />
      <circle cx="10" cy="16" r="3.5" fill="#e0a030" />
    </svg>
  );
}
