import { X } from "lucide-react";
import { create } from "zustand";

interface Notice {
  id: number;
  text: string;
  bad: boolean;
}

interface NoticeStore {
  notices: Notice[];
  say: (text: string, bad?: boolean) => void;
  drop: (id: number) => void;
}

let next = 0;

/** Short messages at the foot of the screen; errors stay until they are closed. */
export const useNotices = create<NoticeStore>((set) => ({
  notices: [],
  say: (text, bad = false) => {
    const id = ++next;
    set((state) => ({
      notices: [...state.notices.filter((notice) => notice.text !== text).slice(-3), { id, text, bad }],
    }));
    if (!bad)
      window.setTimeout(() => set((state) => ({ notices: state.notices.filter((notice) => notice.id !== id) })), 4000);
  },
  drop: (id) => set((state) => ({ notices: state.notices.filter((notice) => notice.id !== id) })),
}));

export function sayProblem(error: unknown): void {
  useNotices
    .getState()
    .say(error instanceof Error ? error.message : "Something went wrong; nothing was changed.", true);
}

export function Notices() {
  const { notices, drop } = useNotices();
  return (
    <div className="fixed bottom-4 left-1/2 z-50 flex -translate-x-1/2 flex-col gap-2" role="status" aria-live="polite">
      {notices.map((notice) => (
        <div
          key={notice.id}
          className={`flex items-center gap-3 border-l-4 bg-ink px-3 py-2 text-paper shadow ${notice.bad ? "border-live" : "border-kelp"}`}
        >
          {notice.text}
          <button onClick={() => drop(notice.id)} aria-label="Close this message">
            <X size={14} />
          </button>
        </div>
      ))}
    </div>
  );
}
