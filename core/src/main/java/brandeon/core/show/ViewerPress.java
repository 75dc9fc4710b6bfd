package brandeon.core.show;

import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import java.util.Locale;

/**
 * Something that viewers may do to a show, by writing a word or by giving something.
 *
 * @param kind       of signal with which it is done
 * @param word       with which a chat line or a message must begin; empty for any
 * @param least      amount that must be given, as signals have it; 0 for any
 * @param cue        what is done; a sequence is started by a cue as well
 * @param pause      seconds after one until there may be another one
 * @param perPerson  how often one person may; 0 for any number
 * @param perShow    how often all together may; 0 for any number
 * @param supporters whether only those who support may
 */
public record ViewerPress(
        String id,
        SignalKind kind,
        String word,
        long least,
        Cue cue,
        int pause,
        int perPerson,
        int perShow,
        boolean supporters) {

    static final int MOST = 30;
    private static final int LONGEST_WORD = 40;
    private static final int LONGEST_PAUSE = 86_400;

    /** @throws Mistake with a sentence for the user when it cannot be */
    void require() {
        if (id.isBlank() || id.length() > LONGEST_WORD) {
            throw new Mistake("What viewers may do has an id.");
        }
        if (word.length() > LONGEST_WORD || !Letters.oneLine(word) || word.contains(" ")) {
            throw new Mistake("The word that viewers write is one word of at most " + LONGEST_WORD + " letters.");
        }
        if (kind == SignalKind.CHAT && word.isBlank()) {
            throw new Mistake("Say with which word a chat line must begin; else every line would do it.");
        }
        if (least < 0 || pause < 0 || pause > LONGEST_PAUSE || perPerson < 0 || perShow < 0) {
            throw new Mistake("Limits are 0 for none, or more; a pause lasts at most a day.");
        }
        if (CueGroup.of(CueGroup.deed(cue)).isEmpty()
                || cue instanceof ShowCue
                || cue instanceof ViewerCue
                || cue instanceof RequestCue
                || cue instanceof SequenceCue.WriteSequence
                || cue instanceof SequenceCue.RemoveSequence) {
            throw new Mistake("That is nothing that viewers may be given.");
        }
    }

    /** Whether a signal is meant by it. */
    public boolean takes(Signal signal) {
        return signal.kind() == kind
                && signal.amount() >= least
                && (word.isEmpty() || begins(signal.message(), word))
                && (!supporters || signal.months() > 0 || !signal.level().isEmpty());
    }

    /** Whether a line begins with a word, in letters of either case. */
    static boolean begins(String line, String word) {
        String said = line.strip().toLowerCase(Locale.ROOT);
        String wanted = word.toLowerCase(Locale.ROOT);
        return said.equals(wanted) || said.startsWith(wanted + " ");
    }
}
