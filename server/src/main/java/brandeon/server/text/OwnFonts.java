package brandeon.server.text;

import brandeon.core.text.Fonts;
import brandeon.server.file.Files;
import org.springframework.stereotype.Component;

/** Lets core read the fonts that people brought in from where they are kept. */
@Component
class OwnFonts {

    OwnFonts(Files files) {
        Fonts.from(face -> files.font(face.hash()));
    }
}
