package brandeon.core.show;

import static brandeon.core.show.Shows.require;

import brandeon.core.kind.Content;
import brandeon.core.live.Readings;
import brandeon.core.motion.Run;
import brandeon.core.motion.Turns;
import brandeon.core.show.Held.HeldLines;
import brandeon.core.show.Held.HeldLines.AddedLine;
import brandeon.core.theme.Piece;
import java.util.ArrayList;
import java.util.List;

/** Lines that are added to a ticker or to what takes turns, and how those go on. */
public sealed interface LineCue extends Cue {

    /** Seconds; a day. */
    int LONGEST = 86_400;

    /** One more line. @param seconds until it goes by itself; 0 until it is taken out */
    record AddLine(String piece, String words, int seconds) implements LineCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            require(seconds >= 0 && seconds <= LONGEST, "A line stays for at most a day; 0 is until it is taken out.");
            Content.Words said = new Content.Words(words.strip());
            require(!said.pattern().isEmpty(), "A line says something.");
            said.require();
            said.mistake(Readings.types()).ifPresent(mistake -> {
                throw new Shows.Refusal(mistake);
            });
            AddedLine line = new AddedLine(said.pattern(), seconds == 0 ? 0 : stand.at() + seconds * 1000L);
            return put(stand, piece, line, lines(stand, piece).lines().size(), "added");
        }
    }

    /** One that was added before is taken out. @param line counted from 0 among those that were added */
    record TakeLine(String piece, int line) implements LineCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Piece said = stand.piece(piece);
            HeldLines now = lines(stand, piece);
            require(line >= 0 && line < now.lines().size(), "That line is gone already.");
            List<AddedLine> next = new ArrayList<>(now.lines());
            AddedLine gone = next.remove(line);
            return new Cued.Applied(
                    stand.with(said, Slot.ADDED, now.with(next)),
                    new PutAddedLine(piece, gone.words(), gone.until(), line),
                    said.name() + ": “" + gone.words() + "” taken out");
        }
    }

    /** One as it was before. @param until epoch milliseconds; 0 for one that stays */
    record PutAddedLine(String piece, String words, long until, int line) implements LineCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            return put(stand, piece, new AddedLine(words, until), line, "put back");
        }
    }

    /** The next one that takes its turn comes now. */
    record NextTurn(String piece) implements LineCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Piece said = stand.piece(piece);
            HeldLines now = lines(stand, piece);
            Turns turns = turns(stand, said);
            require(turns.millis().size() > 1 || turns.pause() > 0, "“" + said.name() + "” has only one to show.");
            long position = now.position(stand.at());
            return set(stand, said, now.at(turns.next(position), stand.at()), "next");
        }
    }

    /** What takes turns or runs through stands still, or goes on where it stood. */
    record HoldTurns(String piece, boolean held) implements LineCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Piece said = stand.piece(piece);
            HeldLines now = lines(stand, piece);
            require(now.held() != held, said.name() + (held ? " stands still already." : " goes on already."));
            long position = now.position(stand.at());
            Run turn = held ? new Run(Run.State.PAUSED, position, 0) : Run.running(stand.at() - position, 0);
            return set(stand, said, new HeldLines(now.lines(), turn), held ? "stands still" : "goes on");
        }
    }

    private static Cued.Applied put(Stand stand, String piece, AddedLine line, int place, String sentence) {
        Piece said = stand.piece(piece);
        HeldLines now = lines(stand, piece);
        List<AddedLine> next = new ArrayList<>(now.lines());
        int where = Math.clamp(place, 0, next.size());
        next.add(where, line);
        return new Cued.Applied(
                stand.with(said, Slot.ADDED, now.with(next)),
                new TakeLine(piece, where),
                said.name() + ": “" + line.words() + "” " + sentence);
    }

    private static Cued.Applied set(Stand stand, Piece piece, HeldLines next, String sentence) {
        return stand.done(piece, Slot.ADDED, next, sentence);
    }

    private static HeldLines lines(Stand stand, String piece) {
        return stand.held(stand.piece(piece), Slot.ADDED, HeldLines.class, "lines to which others could be added");
    }

    private static Turns turns(Stand stand, Piece piece) {
        String field = piece.kind().facts().added().orElse("");
        Content content = stand.show().spoken(piece).content(field);
        require(content instanceof Content.Entries, "In “" + piece.name() + "” nothing takes turns.");
        return Turns.of(
                ((Content.Entries) content)
                        .entries().stream()
                                .map(entry -> entry.seconds() == 0 ? piece.figure("seconds") : entry.seconds())
                                .toList(),
                piece.figure("pause") * 60);
    }
}
