package brandeon.server.live;

import java.util.UUID;

/** An alert is known by the signal that came first: its channel, and its id there. */
record AlertId(UUID channel, String signal) {

    static AlertId parse(String text) {
        int space = text.indexOf(' ');
        return new AlertId(UUID.fromString(text.substring(0, space)), text.substring(space + 1));
    }

    /** @param own the channel of the row where it stands, which need not be written there again */
    static AlertId parse(String text, UUID own) {
        return text.startsWith(" ") ? new AlertId(own, text.substring(1)) : parse(text);
    }

    /** As it is written in a row of a channel; empty stays empty. */
    static String within(String text, UUID own) {
        String prefix = own.toString();
        return text.startsWith(prefix + " ") ? text.substring(prefix.length()) : text;
    }

    @Override
    public String toString() {
        return channel + " " + signal;
    }
}
