package brandeon.server.door;

import java.io.IOException;

/** A body is longer than its door lets in. Nothing of it was kept. */
public final class TooLarge extends IOException {

    TooLarge(String sentence) {
        super(sentence);
    }
}
