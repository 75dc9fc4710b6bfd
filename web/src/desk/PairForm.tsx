import { useState } from "react";

interface Text {
  label: string;
  placeholder: string;
  most: number;
}

/** Two short texts that are sent together, of which only the first must say something; empty again once they were. */
export function PairForm({
  what,
  first,
  second,
  button,
  send,
}: {
  what: string;
  first: Text;
  second: Text;
  button: string;
  send: (first: string, second: string) => Promise<boolean>;
}) {
  const [one, setOne] = useState("");
  const [other, setOther] = useState("");
  return (
    <form
      className="mt-1 flex flex-wrap gap-1.5"
      aria-label={what}
      onSubmit={(event) => {
        event.preventDefault();
        void send(one.trim(), other.trim()).then((done) => {
          if (!done) return;
          setOne("");
          setOther("");
        });
      }}
    >
      <input
        className="field min-w-24 flex-1"
        aria-label={first.label}
        placeholder={first.placeholder}
        maxLength={first.most}
        value={one}
        onChange={(event) => setOne(event.target.value)}
      />
      <input
        className="field w-28"
        aria-label={second.label}
        placeholder={second.placeholder}
        maxLength={second.most}
        value={other}
        onChange={(event) => setOther(event.target.value)}
      />
      <button className="btn" disabled={one.trim() === ""}>
        {button}
      </button>
    </form>
  );
}
