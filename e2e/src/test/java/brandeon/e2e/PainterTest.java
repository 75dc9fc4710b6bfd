package brandeon.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.WebSocketRoute;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The outlet page against a server that says exactly what docs/protocol.md allows, in orders that seldom happen. */
@ExtendWith(RunningServer.class)
class PainterTest {

    private static final JsonMapper JSON = new JsonMapper();
    private static final String RED = "<rect width='40' height='40' fill='#ff0000'/>";
    private static final String BLUE = "<rect width='40' height='40' fill='#0000ff'/>";

    private static Browser browser;
    private static String link;

    private final List<WebSocketRoute> sockets = new ArrayList<>();
    private final List<JsonNode> heard = new ArrayList<>();
    private final List<Route> pictures = new ArrayList<>();
    private Page page;

    @BeforeAll
    static void open(RunningServer server) {
        browser = new Browser();
        link = server.host().link(server.host().demo(), "hide", "wide", "WHOLE");
    }

    @AfterAll
    static void close() {
        browser.close();
    }

    @BeforeEach
    void aPageWithAScriptedServer() {
        page = browser.windowThatMoves(1920, 1080);
        page.routeWebSocket("**/live/outlet?*", socket -> {
            socket.onMessage(frame -> heard.add(JSON.readTree(frame.text())));
            sockets.add(socket);
        });
        page.route("**/pictures/*", pictures::add);
        page.navigate(link);
        await("watch", _ -> true);
    }

    @AfterEach
    void closePage() {
        page.context().close();
    }

    @Test
    void theFirstPictureStandsInThePageAndIsNotFetchedAgain() {
        String hash = heard.stream()
                .filter(m -> m.path("type").asString().equals("watch"))
                .findFirst()
                .orElseThrow()
                .path("hash")
                .asString();
        assertThat(hash).hasSize(64);
        say("{'type':'welcome','feed':'o','epoch':'e','number':0,'hash':'%s','now':%d}"
                .formatted(hash, System.currentTimeMillis()));
        say(
                "{'type':'patch','feed':'o','number':1,'hash':'h1','x':0,'y':0,'width':1920,'height':1080,'order':['band'],'layers':[{'piece':'band','svg':'<text>Spoonbill</text>','arrival':[],'movements':[]}]}");
        until("document.querySelector('[data-piece=band]')?.textContent === 'Spoonbill'");
        assertThat(pictures).isEmpty();
    }

    @Test
    void aPatchTouchesOnlyTheLayersThatItLists() {
        show(
                "whole",
                "{'x':0,'y':0,'width':1920,'height':1080,'layers':[{'piece':'a','svg':\"" + RED
                        + "\",'arrival':[],'movements':[]},{'piece':'b','svg':\"" + BLUE
                        + "\",'arrival':[],'movements':[]}]}");
        page.evaluate("document.querySelector('[data-piece=a]').same = true");
        say(
                "{'type':'patch','feed':'o','number':6,'hash':'h6','x':0,'y':0,'width':1920,'height':1080,'order':['b','a','c'],'layers':[{'piece':'c','svg':\""
                        + RED + "\",'arrival':[],'movements':[]}]}");
        until("document.querySelector('[data-piece=c]') !== null");
        assertThat(page.evaluate("[...document.querySelectorAll('#overlay > svg')].map(s => s.dataset.piece).join()"))
                .isEqualTo("b,a,c");
        assertThat(page.evaluate("document.querySelector('[data-piece=a]').same"))
                .as("the same element, so its motion goes on")
                .isEqualTo(true);
        say(
                "{'type':'patch','feed':'o','number':7,'hash':'h7','x':0,'y':0,'width':1920,'height':1080,'order':['c'],'layers':[]}");
        until("document.querySelectorAll('#overlay > svg').length === 1");
    }

    @Test
    void aGapInTheNumbersAsksForTheWhole() {
        show(
                "whole",
                "{'x':0,'y':0,'width':1920,'height':1080,'layers':[{'piece':'a','svg':\"" + RED
                        + "\",'arrival':[],'movements':[]}]}");
        heard.clear();
        say(
                "{'type':'patch','feed':'o','number':9,'hash':'h9','x':0,'y':0,'width':1920,'height':1080,'order':['a'],'layers':[{'piece':'a','svg':\""
                        + BLUE + "\",'arrival':[],'movements':[]}]}");
        assertThat(await("watch", _ -> true).path("number").asLong()).isEqualTo(-1);
        assertThat(page.innerHTML("[data-piece=a]"))
                .as("what stood there stays")
                .contains("#ff0000");
        say(
                "{'type':'patch','feed':'o','number':4,'hash':'h4','x':0,'y':0,'width':1920,'height':1080,'order':[],'layers':[]}");
        assertThat(page.locator("[data-piece=a]").count())
                .as("a patch from before changes nothing")
                .isEqualTo(1);
    }

    @Test
    void patchesThatOvertakeThePictureAreKeptForIt() {
        say("{'type':'welcome','feed':'o','epoch':'e','number':5,'hash':'slow','now':0}");
        page.waitForCondition(() -> !pictures.isEmpty());
        say(
                "{'type':'patch','feed':'o','number':6,'hash':'h6','x':0,'y':0,'width':1920,'height':1080,'order':['a'],'layers':[{'piece':'a','svg':\""
                        + BLUE + "\",'arrival':[],'movements':[]}]}");
        answer("{'x':0,'y':0,'width':1920,'height':1080,'layers':[{'piece':'a','svg':\"" + RED
                + "\",'arrival':[],'movements':[]}]}");
        until("document.querySelector('[data-piece=a]')?.innerHTML.includes('#0000ff')");
    }

    /** A change of colour gives every ready-made picture another address: what is on air stays until that has come. */
    @Test
    void aLayerWaitsForItsReadyMadePicture() throws IOException {
        List<Route> painted = new ArrayList<>();
        page.route("**/painted/*", painted::add);
        show(
                "whole",
                "{'x':0,'y':0,'width':1920,'height':1080,'layers':[{'piece':'a','svg':\"" + RED
                        + "\",'arrival':[],'movements':[]}]}");
        say(
                "{'type':'patch','feed':'o','number':6,'hash':'h6','x':0,'y':0,'width':1920,'height':1080,'order':['a'],'layers':[{'piece':'a','svg':\"<image href='/painted/x-s' width='9' height='9'/>\",'arrival':[],'movements':[]}]}");
        say(
                "{'type':'patch','feed':'o','number':7,'hash':'h7','x':0,'y':0,'width':1920,'height':1080,'order':['a','b'],'layers':[{'piece':'b','svg':\""
                        + BLUE + "\",'arrival':[],'movements':[]}]}");
        page.waitForCondition(() -> !painted.isEmpty());
        assertThat(page.innerHTML("[data-piece=a]")).as("not yet").contains("#ff0000");
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(9, 9, BufferedImage.TYPE_INT_ARGB), "png", png);
        painted.getFirst()
                .fulfill(new Route.FulfillOptions().setContentType("image/png").setBodyBytes(png.toByteArray()));
        until(
                "document.querySelector('[data-piece=a] image') !== null && document.querySelector('[data-piece=b]') !== null");
        await("report", m -> m.path("hash").asString().equals("h7"));
    }

    @Test
    void anOutletThatWasCutOffSaysWhereItStood() {
        show("whole", "{'x':0,'y':0,'width':1920,'height':1080,'layers':[]}");
        heard.clear();
        sockets.getLast().close(new WebSocketRoute.CloseOptions().setCode(1001));
        page.waitForCondition(() -> sockets.size() == 2);
        JsonNode watch = await("watch", _ -> true);
        assertThat(watch.path("epoch").asString()).isEqualTo("e");
        assertThat(watch.path("number").asLong()).isEqualTo(5);
        assertThat(watch.path("hash").asString()).isEqualTo("whole");
    }

    @Test
    void aWithdrawnLinkGoesDarkAndStaysAway() {
        show(
                "whole",
                "{'x':0,'y':0,'width':1920,'height':1080,'layers':[{'piece':'a','svg':\"" + RED
                        + "\",'arrival':[],'movements':[]}]}");
        sockets.getLast().close(new WebSocketRoute.CloseOptions().setCode(4410));
        until("document.querySelector('#overlay > svg') === null");
        page.waitForTimeout(1200);
        assertThat(sockets).as("it does not knock again").hasSize(1);
    }

    @Test
    void aSourceOfTheWrongSizeShowsTheWholePictureAndSaysItsSize() {
        page.setViewportSize(800, 600);
        show(
                "whole",
                "{'x':0,'y':0,'width':1920,'height':1080,'layers':[{'piece':'a','svg':\"<rect width='1920' height='1080' fill='#ff0000'/>\",'arrival':[],'movements':[]}]}");
        JsonNode report = await("report", m -> m.path("hash").asString().equals("whole"));
        assertThat(report.path("width").asInt()).isEqualTo(800);
        assertThat(report.path("height").asInt()).isEqualTo(600);
        // 1920×1080 into 800×600: scale 0.41667, 450 high, 75 free above and below.
        assertThat(Browser.shot(page).getRGB(2, 70) >>> 24).isZero();
        assertThat(Browser.shot(page).getRGB(2, 80)).isEqualTo(0xffff0000);
        assertThat(Browser.shot(page).getRGB(797, 520)).isEqualTo(0xffff0000);
        assertThat(Browser.shot(page).getRGB(797, 530) >>> 24).isZero();
    }

    @Test
    void aClockShowsTheServersTimeAndItsEnd() {
        long serverNow = System.currentTimeMillis() + 3_600_000;
        String clock =
                "<g data-instant='%d' data-length='600000'><g data-clock='running'><text>0</text><text>0</text><text>:</text><text>0</text><text>0</text></g><g data-clock='ended'><text>Now</text></g></g>"
                        .formatted(serverNow + 62_300);
        say("{'type':'time','sent':%d,'now':%d}".formatted(System.currentTimeMillis(), serverNow));
        show(
                "whole",
                "{'x':0,'y':0,'width':1920,'height':1080,'layers':[{'piece':'c','svg':\"" + clock
                        + "\",'arrival':[],'movements':[]}]}");
        until("['01:03', '01:02'].includes(document.querySelector('[data-clock=running]').textContent)");
        assertThat(page.isVisible("[data-clock=ended]")).isFalse();
        until("document.querySelector('[data-clock=running]').textContent === '01:01'");
        String over = clock.replaceFirst("data-instant='\\d+'", "data-instant='" + (serverNow - 1000) + "'");
        say(
                "{'type':'patch','feed':'o','number':6,'hash':'h6','x':0,'y':0,'width':1920,'height':1080,'order':['c'],'layers':[{'piece':'c','svg':\""
                        + over + "\",'arrival':[],'movements':[]}]}");
        until("getComputedStyle(document.querySelector('[data-clock=running]')).display === 'none'");
        assertThat(page.isVisible("[data-clock=ended]")).isTrue();
    }

    @Test
    void anEntranceThatBeganBeforeIsShownWhereItWouldBeByNow() {
        long now = System.currentTimeMillis();
        String movement =
                "{'part':'p','frames':[{'offset':0,'transform':'translate(0px,0px)','opacity':1},{'offset':1,'transform':'translate(1000px,0px)','opacity':1}],'easing':'linear','millis':100000,'delay':0,'cycles':1,'alternate':false,'start':%d}";
        say("{'type':'time','sent':%d,'now':%d}".formatted(now, now));
        show(
                "whole",
                "{'x':0,'y':0,'width':1920,'height':1080,'layers':[{'piece':'a','svg':\"<g data-part='p'>" + RED
                        + "</g>\",'arrival':[],'movements':[" + movement.formatted(now - 50_000) + "]}]}");
        double x = ((Number) page.evaluate("document.querySelector('[data-part=p]').getBoundingClientRect().x"))
                .doubleValue();
        assertThat(x).as("half of the way, 10 px a second").isCloseTo(500, within(60.0));
    }

    @Test
    void twoSourcesShowTheSameMomentOfALoop() {
        String movement =
                "{'part':'p','frames':[{'offset':0,'transform':'translate(0px,0px)','opacity':1},{'offset':1,'transform':'translate(1000px,0px)','opacity':1}],'easing':'linear','millis':60000,'delay':0,'cycles':0,'alternate':false,'start':0}";
        String layer =
                "{'piece':'a','svg':\"<g data-part='p'>" + RED + "</g>\",'arrival':[],'movements':[" + movement + "]}";
        show("whole", "{'x':0,'y':0,'width':1920,'height':1080,'layers':[" + layer + "]}");
        page.waitForTimeout(700);
        say(
                "{'type':'patch','feed':'o','number':6,'hash':'h6','x':0,'y':0,'width':1920,'height':1080,'order':['a','b'],'layers':["
                        + layer.replace("'piece':'a'", "'piece':'b'") + "]}");
        until("document.querySelector('[data-piece=b]') !== null");
        double apart = ((Number) page.evaluate("""
                () => { const x = (piece) => document.querySelector(`[data-piece=${piece}] [data-part=p]`).getBoundingClientRect().x; return Math.abs(x('a') - x('b')); }""")).doubleValue();
        assertThat(apart).as("a frame at most; 700 ms would be 12 px").isLessThan(1.5);
    }

    @Test
    void aTextOutsideTheShippedFontsIsSqueezedIntoItsRoom() {
        show(
                "whole",
                "{'x':0,'y':0,'width':1920,'height':1080,'layers':[{'piece':'a','svg':\"<text x='10' y='90' font-size='60' data-clamp='120'>鳥鳥鳥鳥鳥鳥</text><text id='free' x='10' y='190' font-size='60' data-clamp='1200'>鳥鳥</text>\",'arrival':[],'movements':[]}]}");
        until("document.querySelector('[data-clamp=\"120\"]').getAttribute('textLength') === '120'");
        assertThat(((Number) page.evaluate(
                                "document.querySelector('[data-clamp=\"120\"]').getBoundingClientRect().width"))
                        .doubleValue())
                .isLessThan(125);
        assertThat(page.getAttribute("#free", "textLength"))
                .as("what fits is left alone")
                .isNull();
    }

    /** Brings a whole picture on screen as number 5. */
    private void show(String hash, String picture) {
        say("{'type':'welcome','feed':'o','epoch':'e','number':5,'hash':'%s','now':%d}"
                .formatted(hash, System.currentTimeMillis()));
        page.waitForCondition(() -> !pictures.isEmpty());
        answer(picture);
        await("report", message -> message.path("hash").asString().equals(hash));
    }

    private void answer(String picture) {
        pictures.removeFirst()
                .fulfill(new Route.FulfillOptions()
                        .setContentType("application/json")
                        .setBody(json(picture)));
    }

    private void say(String message) {
        sockets.getLast().send(json(message));
    }

    /** JSON with single quotes for its own, and double quotes around SVG with single ones. */
    private static String json(String text) {
        StringBuilder result = new StringBuilder();
        boolean inside = false;
        for (char c : text.toCharArray()) {
            inside ^= c == '"';
            result.append(c == '\'' && !inside ? '"' : c);
        }
        return result.toString();
    }

    private JsonNode await(String type, Predicate<JsonNode> like) {
        Predicate<JsonNode> wanted =
                message -> message.path("type").asString("").equals(type) && like.test(message);
        page.waitForCondition(() -> heard.stream().anyMatch(wanted));
        return heard.stream().filter(wanted).findFirst().orElseThrow();
    }

    private void until(String condition) {
        page.waitForFunction("() => " + condition);
    }
}
