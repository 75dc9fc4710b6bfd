package brandeon.server.sheet;

import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.problem.Mistake;
import brandeon.core.publish.SourceSheet;
import brandeon.core.theme.Edits;
import brandeon.core.theme.FramingEdit;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.file.Attachment;
import brandeon.server.file.CsvFile;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import brandeon.server.publish.Outlets;
import brandeon.server.theme.Themes;
import brandeon.server.work.Hands;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** What is on air, as a sheet to be typed off: as a page, for print, as CSV and as JSON. */
@RestController
@RequestMapping("/api/themes/{id}/source-sheet/{canvas}")
class SheetController {

    private static final Pattern SIZE = Pattern.compile("([^:]{1,120}):(\\d{1,5})x(\\d{1,5})");

    private final Members members;
    private final Themes themes;
    private final Outlets outlets;
    private final Hands hands;
    private final JsonMapper json;

    SheetController(Members members, Themes themes, Outlets outlets, Hands hands, JsonMapper json) {
        this.members = members;
        this.themes = themes;
        this.outlets = outlets;
        this.hands = hands;
        this.json = json;
    }

    /**
     * @param size of captures that are of another size than the theme says, each as {@code id:WIDTHxHEIGHT}
     */
    @GetMapping
    SheetView sheet(
            @PathVariable UUID id, @PathVariable String canvas, @RequestParam(defaultValue = "") List<String> size) {
        Member member = members.current();
        Themes.Draft draft = themes.get(member, id);
        Theme theme = themes.onAir(draft)
                .orElseThrow(() -> new Refused("Nothing is on air yet, so there is nothing to type off."));
        for (String one : size) {
            theme = sized(theme, one);
        }
        Canvas wanted = theme.canvas(canvas).orElseThrow(() -> new NotFound("This canvas is not on air."));
        Map<Outlets.Place, Outlets.Outlet> known = outlets.byPlace(id);
        boolean links = member.role().includes(Role.OPERATOR);
        return SheetView.of(
                theme.name(),
                draft.onAir(),
                SourceSheet.of(theme, wanted),
                (scene, part) -> Optional.ofNullable(known.get(new Outlets.Place(scene, wanted.id(), part)))
                        .filter(outlet -> links && !outlet.withdrawn())
                        .map(outlets::link)
                        .orElse(""));
    }

    private static Theme sized(Theme theme, String text) {
        Matcher size = SIZE.matcher(text);
        if (!size.matches()) {
            throw new Mistake("“" + text.substring(0, Math.min(40, text.length()))
                    + "” is no size of a capture; it is written like camera:1280x720.");
        }
        return switch (Edits.apply(
                theme,
                new FramingEdit.SetCaptureSize(
                        size.group(1), Size.of(Integer.parseInt(size.group(2)), Integer.parseInt(size.group(3)))))) {
            case Outcome.Applied applied -> applied.theme();
            case Outcome.Refused(String reason) -> throw new Mistake(reason);
        };
    }

    @GetMapping("/csv")
    ResponseEntity<byte[]> csv(
            @PathVariable UUID id, @PathVariable String canvas, @RequestParam(defaultValue = "") List<String> size) {
        SheetView sheet = forOperators(id, canvas, size);
        return CsvFile.of(name(sheet, "csv"), SheetCsv.TITLES, SheetCsv.lines(sheet));
    }

    @GetMapping("/json")
    ResponseEntity<byte[]> json(
            @PathVariable UUID id, @PathVariable String canvas, @RequestParam(defaultValue = "") List<String> size) {
        SheetView sheet = forOperators(id, canvas, size);
        return Attachment.of(
                name(sheet, "json"),
                MediaType.APPLICATION_JSON,
                json.writerWithDefaultPrettyPrinter().writeValueAsString(sheet).getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/pdf")
    ResponseEntity<byte[]> pdf(
            @PathVariable UUID id, @PathVariable String canvas, @RequestParam(defaultValue = "") List<String> size) {
        SheetView sheet = forOperators(id, canvas, size);
        return hands.work(
                Hands.For.FILES,
                () -> Attachment.of(name(sheet, "pdf"), MediaType.APPLICATION_PDF, SheetPdf.of(sheet)));
    }

    /** A file without links would be of no use. */
    private SheetView forOperators(UUID id, String canvas, List<String> size) {
        members.current().requires(Role.OPERATOR);
        return sheet(id, canvas, size);
    }

    private static String name(SheetView sheet, String ending) {
        String plain = Normalizer.normalize(sheet.theme() + " " + sheet.canvas().name(), Normalizer.Form.NFD)
                .replaceAll("[^A-Za-z0-9]+", "-")
                .replaceAll("^-+|-+$", "")
                .toLowerCase(Locale.ROOT);
        return "sources-" + plain + "." + ending;
    }
}
