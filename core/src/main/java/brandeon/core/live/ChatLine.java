package brandeon.core.live;

import brandeon.core.text.TextRow;

/**
 * What somebody wrote in the chat.
 *
 * @param id of its signal
 * @param at epoch milliseconds
 */
public record ChatLine(String id, long at, String name, String text) {

    static ChatLine of(Signal signal) {
        return new ChatLine(signal.id(), signal.at(), signal.shownName(), signal.message());
    }

    /** Who and what. */
    public TextRow row() {
        return new TextRow(name, text);
    }

    ChatLine saying(String otherName, String otherText) {
        return new ChatLine(id, at, otherName, otherText);
    }
}
