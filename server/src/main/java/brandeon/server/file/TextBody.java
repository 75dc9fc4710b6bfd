package brandeon.server.file;

import brandeon.core.problem.Mistake;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;

/** The body of a request that is a text. */
public final class TextBody {

    private TextBody() {}

    /**
     * @param what as the beginning of a sentence
     * @throws Mistake when it is no text in UTF-8
     */
    public static String utf8(InputStream body, String what) throws IOException {
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(body.readAllBytes()))
                    .toString();
        } catch (CharacterCodingException e) {
            throw new Mistake(what + " is no text in UTF-8.", e);
        }
    }
}
