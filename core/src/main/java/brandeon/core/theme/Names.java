package brandeon.core.theme;

import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import java.util.Locale;
import java.util.Optional;

/** What the parts of a theme are called now, for telling what was done to them. */
public record Names(Theme theme) {

    String piece(String id) {
        return theme.piece(id).map(Piece::name).orElse("a piece that is gone");
    }

    String scene(String id) {
        return theme.scene(id).map(Scene::name).orElse("a scene that is gone");
    }

    String capture(String id) {
        return theme.capture(id).map(Capture::name).orElse("a capture that is gone");
    }

    /** The kind of signal that a rule is for. */
    String alert(String id) {
        return theme.alert(id).map(rule -> rule.kind().title()).orElse("a signal");
    }

    /** Empty when it is gone. */
    Optional<String> canvas(String id) {
        return theme.canvas(id).map(Canvas::name);
    }

    /** The shape of a canvas, as the end of a sentence; empty when it is gone. */
    String shape(String canvas) {
        return theme.canvas(canvas).map(known -> on(known.shape())).orElse("");
    }

    static String on(Shape shape) {
        return switch (shape) {
            case WIDE -> ", wide";
            case SQUARE -> ", square";
            case UPRIGHT -> ", upright";
        };
    }

    static String words(Enum<?> name) {
        return name.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
