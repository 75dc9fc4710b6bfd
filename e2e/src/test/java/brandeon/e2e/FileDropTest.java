package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.google.gson.Gson;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** Files that are dragged into the window from outside, as Chromium itself takes them. */
@ExtendWith(RunningServer.class)
class FileDropTest {

    private static final int TEAL = 0xff1f6f78;
    private static final int OCHRE = 0xffd9a441;

    @Test
    void oneThatMissesItsPlaceIsLeftAndAPictureOnTheShelfBeginsATheme(RunningServer server, @TempDir Path folder)
            throws IOException {
        UUID workspace = server.bean(Members.class).addWorkspace("Low Quay");
        Person owner = server.member(workspace, Role.OWNER);
        String picture = picture(folder.resolve("dusk_over_reeds.png"));
        try (Browser browser = new Browser()) {
            Page page = browser.window(1280, 800);
            Browser.signIn(page, owner, server.address());

            page.navigate(server.address() + "/people");
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("People")))
                    .isVisible();
            // Whatever is taken by nobody a browser opens instead of the page, though not for one that drives it.
            page.evaluate("() => addEventListener('dragover', (event) => (window.told = event.defaultPrevented"
                    + " && event.dataTransfer.dropEffect))");
            drag(page, picture, "dragEnter", "dragOver");
            page.waitForFunction("() => window.told === 'none'");
            drag(page, picture, "dragCancel");

            page.navigate(server.address() + "/");
            assertThat(page.getByText("Nothing here yet.")).isVisible();
            drag(page, picture, "dragEnter", "dragOver", "drop");
            assertThat(page).hasURL(Pattern.compile("/themes/[0-9a-f-]{36}/begin"));
            assertThat(page.getByLabel("Name of the theme")).hasValue("Dusk over reeds");
            assertThat(page.getByLabel("Colour 1 as text")).hasValue(Pattern.compile("#[0-9a-f]{6}"));
            assertThat(page.getByLabel(Pattern.compile("^Colour \\d as text$"))).hasCount(2);
        }
    }

    /** What an operating system tells of a drag of one file over the middle of the window. */
    private static void drag(Page page, String file, String... steps) {
        CDPSession devtools = page.context().newCDPSession(page);
        JsonElement data =
                new Gson().toJsonTree(Map.of("items", List.of(), "files", List.of(file), "dragOperationsMask", 1));
        for (String step : steps) {
            JsonObject event = new JsonObject();
            event.addProperty("type", step);
            event.addProperty("x", 640);
            event.addProperty("y", 500);
            event.add("data", data);
            devtools.send("Input.dispatchDragEvent", event);
        }
        devtools.detach();
    }

    private static String picture(Path path) throws IOException {
        BufferedImage image = new BufferedImage(120, 80, BufferedImage.TYPE_INT_ARGB);
        for (int y = 0; y < 80; y++) {
            for (int x = 0; x < 120; x++) {
                image.setRGB(x, y, y < 50 ? TEAL : OCHRE);
            }
        }
        ImageIO.write(image, "png", path.toFile());
        return path.toString();
    }
}
