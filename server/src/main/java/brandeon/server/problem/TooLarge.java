package brandeon.server.problem;

import java.io.IOException;

/** A body is longer than its door lets in. Nothing of it was kept. */
public final class TooLarge extends IOException {

    public TooLarge(String sentence) {
        super(sentence);
    }
}
