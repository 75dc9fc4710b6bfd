package brandeon.core.theme;

import brandeon.core.canvas.Size;

/** A camera, game or screen picture that the broadcaster supplies, with its own size. */
public record Capture(String id, String name, Size size) {
}
