package brandeon.core.show;

import brandeon.core.kind.Content;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import brandeon.core.text.Message;
import brandeon.core.text.TextRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What viewers ask for in a show. Only what was approved is shown.
 *
 * @param open whether they may ask by writing now
 * @param word with which a chat line must begin
 * @param each how many of one person's may wait or be approved at once; 0 for any number
 * @param asked in the order in which they are done
 * @param done  how many are done
 */
public record Requests(boolean open, String word, int each, List<Request> asked, int done) {

    public static final Requests NONE = new Requests(false, "", 1, List.of(), 0);

    static final int MOST = 200;
    static final int LONGEST = 120;
    private static final int LONGEST_WORD = 40;
    private static final int LONGEST_NAME = 80;

    /**
     * One of them.
     *
     * @param id       unique in its show
     * @param approved whether it is shown
     * @param at       when it came, epoch milliseconds
     */
    public record Request(String id, String who, String what, boolean approved, long at) {
        Request approved(boolean now) {
            return new Request(id, who, what, now, at);
        }

        void require() {
            if (id.isBlank() || id.length() > MOST) {
                throw new Mistake("A request has an id.");
            }
            if (who.length() > LONGEST_NAME || !Letters.oneLine(who)) {
                throw new Mistake("Who asks is a name of at most " + LONGEST_NAME + " letters on one line.");
            }
            if (what.isBlank() || what.length() > LONGEST || !Letters.oneLine(what)) {
                throw new Mistake("What is asked for has 1 to " + LONGEST + " letters on one line.");
            }
        }
    }

    public Requests {
        asked = List.copyOf(asked);
    }

    /** @throws Mistake with a sentence for the user when it cannot be */
    void require() {
        if (word.length() > LONGEST_WORD || !Letters.oneLine(word) || word.contains(" ")) {
            throw new Mistake("Viewers ask with one word of at most " + LONGEST_WORD + " letters.");
        }
        if (open && word.isBlank()) {
            throw new Mistake("Say with which word viewers ask; else every line would be a request.");
        }
        if (each < 0 || done < 0) {
            throw new Mistake("A limit is 0 for none, or more.");
        }
        if (asked.size() > MOST) {
            throw new Mistake("At most " + MOST + " requests are kept at once.");
        }
        asked.forEach(Request::require);
        if (asked.stream().map(Request::id).distinct().count() != asked.size()) {
            throw new Mistake("Two requests have the same id.");
        }
    }

    /** Whether a show runs them at all; else pieces say what their themes say. */
    public boolean used() {
        return open || !asked.isEmpty() || done > 0;
    }

    /** What a chat line asks for; empty where it asks for nothing, or nobody may ask now. */
    public Optional<String> wish(String line) {
        if (!open || !ViewerPress.begins(line, word)) {
            return Optional.empty();
        }
        String what = Letters.shortened(line.strip().substring(word.length()).strip(), LONGEST);
        return what.isEmpty() ? Optional.empty() : Optional.of(what);
    }

    /** What viewers are shown of it. */
    Content.Rows shown() {
        return new Content.Rows(
                asked.stream()
                        .filter(Request::approved)
                        .limit(Content.MOST)
                        .map(one -> new TextRow(Message.literally(one.who()), Message.literally(one.what())))
                        .toList(),
                "");
    }

    Optional<Request> find(String id) {
        return asked.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    int place(String id) {
        return asked.stream().map(Request::id).toList().indexOf(id);
    }

    long of(String who) {
        return asked.stream().filter(one -> one.who().equals(who)).count();
    }

    Requests ruled(boolean nowOpen, String nextWord, int nextEach) {
        return new Requests(nowOpen, nextWord, nextEach, asked, done);
    }

    Requests asking(List<Request> next, int finished) {
        return new Requests(open, word, each, next, finished);
    }

    /** With one at a place; at its end where it has fewer. One of the same id is taken out first. */
    Requests with(Request one, int place, int finished) {
        List<Request> next = new ArrayList<>(asked);
        next.removeIf(other -> other.id().equals(one.id()));
        next.add(Math.clamp(place, 0, next.size()), one);
        return asking(next, finished);
    }

    Requests without(String id, int finished) {
        return asking(asked.stream().filter(one -> !one.id().equals(id)).toList(), finished);
    }

    int weight() {
        return 400 * asked.size();
    }
}
