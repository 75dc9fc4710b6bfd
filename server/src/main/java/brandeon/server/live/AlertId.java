package brandeon.server.live;

import java.util.UUID;

/** An alert is known by the signal that came first: its channel, and its id there. */
record AlertId(UUID channel, String signal) {

    static AlertId parse(String text) {
        int space = text.indexOf(' ');
        return new AlertId(UUID.fromString(text.substring(0, space)), text.substring(space + 1));
    }

    @Override
    public String toString() {
        return channel + " " + signal;
    }
}
