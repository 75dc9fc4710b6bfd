package brandeon.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.inlet.Mapping;
import brandeon.core.inlet.Signature;
import brandeon.core.live.AlertRule;
import brandeon.core.live.SignalKind;
import brandeon.core.pack.Json;
import brandeon.server.support.Person;
import brandeon.server.support.Routes;
import brandeon.server.support.Routes.Route;
import brandeon.server.support.RunningServer;
import java.io.IOException;
import java.io.InputStream;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * Who may call what: one line for each route, one column for each sort of person. A route that is missing in the table
 * fails, and so does a line without a route.
 */
@ExtendWith(RunningServer.class)
@Tag("slow")
class RolesTest {

    private static final List<String> COLUMNS =
            List.of("nobody", "stranger", "viewer", "operator", "designer", "owner");

    /** Bodies that are well formed, for routes that look at the body before they look at the person. */
    private static final String TRIED =
            "{\"kind\":\"FOLLOW\",\"name\":\"Ilse Fenn\",\"amount\":0,\"currency\":\"\",\"months\":0,\"level\":\"\",\"message\":\"\","
                    + "\"giftedTo\":\"\",\"anonymous\":false,\"first\":false}";

    private static final Map<String, String> BODIES = bodies(
            "POST /api/session",
            "{\"email\":\"nobody@reedlight.example\",\"password\":\"wrong\",\"standing\":false}",
            "POST /api/themes/{id}/sources",
            "{\"scene\":\"hide\",\"canvas\":\"wide\",\"part\":\"PIECE:sightings\"}",
            "PUT /api/themes/{id}/releases/plan",
            "{\"at\":0,\"scenes\":[]}",
            "PUT /api/rig",
            "{\"version\":0,\"rig\":{\"programs\":[],\"kept\":[]}}",
            // Whoever has a second workspace may do more on the lines below.
            "POST /api/workspaces",
            "{\"name\":\"\"}",
            "POST /api/workspaces/{workspace}/invitations",
            "{\"role\":\"VIEWER\",\"days\":1,\"until\":null,\"several\":false}",
            "PUT /api/workspaces/{workspace}/members/{account}",
            "{\"role\":\"VIEWER\",\"until\":null}",
            "PUT /api/installation/steward",
            "{\"present\":\"wrong\",\"account\":\"11111111-1111-1111-1111-111111111111\"}",
            "POST /api/installation/recoveries",
            "{\"account\":\"11111111-1111-1111-1111-111111111111\"}",
            "POST /api/recovery",
            "{\"email\":\"nobody.else@reedlight.example\",\"code\":\"x\",\"password\":\"sluice gate at nine\"}",
            "POST /api/beginnings",
            "{\"name\":\"Another\",\"seeds\":[]}",
            "PUT /api/themes/{id}/beginning",
            "{\"step\":1,\"answers\":{\"name\":\"x\",\"seeds\":[\"#446655\"],\"family\":\"tideline\",\"roles\":[\"LIVE\"],"
                    + "\"canvases\":[\"WIDE\"],\"camera\":null,\"play\":\"NONE\",\"side\":\"LEFT\",\"words\":{}}}",
            "PUT /api/themes/{id}/channel",
            "{\"channel\":null,\"platform\":\"alder\",\"name\":\"another\"}",
            "POST /api/account/passkeys/challenge",
            "{\"present\":\"wrong\"}",
            "POST /api/account/passkeys",
            "{\"id\":\"x\",\"attestationObject\":\"x\",\"clientData\":\"x\",\"transports\":[],\"label\":\"x\"}",
            "POST /api/session/passkey",
            "{\"standing\":false,\"signed\":{\"id\":\"x\",\"clientData\":\"x\",\"authenticatorData\":\"x\","
                    + "\"signature\":\"x\",\"userHandle\":\"x\"}}",
            "POST /api/channels",
            "{\"platform\":\"alder\",\"name\":\"another\"}",
            "PUT /api/channels/{channel}",
            "{\"name\":\"another\"}",
            "POST /api/shows/{show}/alerts",
            "{\"deed\":\"PAUSE\",\"alert\":\"\",\"showing\":0,\"place\":0}",
            "POST /api/channels/{channel}/practice/signal",
            TRIED,
            "POST /api/themes/{theme}/alerts/trial",
            "{\"rule\":" + Json.write(AlertRule.of(SignalKind.FOLLOW, true, "New", "{name}", 5)) + ",\"signal\":"
                    + TRIED + ",\"count\":1,\"canvas\":\"wide\"}",
            "POST /api/channels/{channel}/mapped",
            "{\"name\":\"Tip jar\"}",
            "PUT /api/channels/{channel}/mapped/{inlet}",
            "{\"name\":\"Tip jar\",\"sample\":\"\",\"secret\":\"\",\"mapping\":" + Json.write(Mapping.NOTHING)
                    + ",\"signature\":" + Json.write(Signature.NONE) + "}",
            "POST /api/channels/{channel}/mapped/trial",
            "{\"sample\":\"{}\",\"mapping\":" + Json.write(Mapping.NOTHING) + "}",
            "POST /api/platforms/check",
            "{\"document\":\"{}\"}",
            "POST /api/platforms",
            Json.write(Map.of("document", Person.elm())),
            "PUT /api/themes/{id}/archived",
            "{\"archived\":true}",
            "PUT /api/themes/{id}/visit",
            "{\"place\":\"sheet\",\"version\":1}",
            "POST /api/themes",
            "{\"name\":\"Another\"}",
            "POST /api/themes/{id}/edits",
            "{\"edit\":{\"edit\":\"setCorner\",\"corner\":0.4},\"gesture\":\"\"}",
            "POST /api/themes/{id}/start",
            "{\"family\":\"\",\"roles\":[\"AWAY\"]}",
            "POST /api/themes/{id}/arrange",
            "{\"arrange\":\"everywhere\",\"scene\":\"$scene\",\"canvas\":\"wide\",\"piece\":\"$clock\"}",
            "POST /api/rig/fill",
            "{\"theme\":\"$theme\",\"boxes\":false}",
            "POST /api/themes/{theme}/pieces/{piece}/films",
            "{\"format\":\"APNG\",\"canvas\":\"\",\"scene\":\"\",\"width\":0,\"framesPerSecond\":30,\"seconds\":0}",
            "POST /api/themes/{id}/move",
            "{\"platform\":\"birch\",\"channelName\":\"there\",\"choices\":{\"kept\":[],\"texts\":{},\"values\":{}}}",
            "PUT /api/themes/{id}/move/list/sources",
            "{\"key\":\"hide/wide/WHOLE\",\"done\":true}",
            "POST /api/themes/{id}/bot/read",
            "{\"text\":\"command,text\\n!owl,Hoo\",\"instead\":false}",
            "PUT /api/themes/{id}/bot/trial",
            "{\"joined\":true}",
            "PUT /api/themes/{id}/bot/trial/scene",
            "{\"scene\":\"\"}",
            "POST /api/themes/{id}/bot/trial/lines",
            "{\"name\":\"Wren\",\"who\":\"HOST\",\"text\":\"!hide\"}",
            "POST /api/themes/{theme}/messages/answer",
            "{\"text\":\"{name}\"}",
            "POST /api/themes/{id}/move/list/lines",
            "{\"title\":\"Tip page\",\"link\":\"\",\"note\":\"\"}",
            "PUT /api/themes/{id}/move/list/lines/{line}",
            "{\"title\":\"Tip page\",\"link\":\"\",\"note\":\"\"}",
            "PUT /api/themes/{id}/move/list/lines/{line}/done",
            "{\"done\":true}",
            "POST /api/themes/{id}/move/plan",
            "{\"platform\":\"birch\",\"choices\":{\"kept\":[],\"texts\":{},\"values\":{}}}",
            "POST /api/themes/{id}/move/scenes",
            "{\"platform\":\"birch\",\"choices\":{\"kept\":[],\"texts\":{},\"values\":{}}}",
            "POST /api/themes/{id}/move/canvases/plan",
            "{\"canvases\":[{\"id\":\"wide\",\"name\":\"Wide\",\"size\":{\"width\":1280,\"height\":720},\"frameRate\":60,\"safe\":{\"action\":0.035,\"graphics\":0.05}}]}",
            "POST /api/themes/{id}/move/canvases/picture",
            "{\"canvases\":[{\"id\":\"wide\",\"name\":\"Wide\",\"size\":{\"width\":1280,\"height\":720},\"frameRate\":60,\"safe\":{\"action\":0.035,\"graphics\":0.05}}],\"scene\":\"$scene\",\"canvas\":\"wide\"}",
            "POST /api/themes/{id}/move/picture",
            "{\"platform\":\"birch\",\"choices\":{\"kept\":[],\"texts\":{},\"values\":{}},\"scene\":\"$scene\",\"canvas\":\"wide\"}",
            "POST /api/channels/{channel}/practice",
            "{\"kind\":\"FOLLOW\"}",
            "POST /api/shows/{show}/tables/{table}/edits",
            "{\"edit\":\"addLines\",\"at\":0,\"count\":1}",
            "POST /api/shows/{id}/cues",
            "{\"cue\":{\"cue\":\"startClock\",\"piece\":\"$clock\"},\"key\":\"\"}",
            "POST /api/shows/{show}/desk/cues",
            "{\"cue\":{\"cue\":\"startClock\",\"piece\":\"$clock\"},\"key\":\"\",\"before\":0}",
            "POST /cues/{token}",
            "{\"cue\":{\"cue\":\"startClock\",\"piece\":\"$clock\"},\"key\":\"\",\"before\":0}",
            "POST /api/shows/{show}/desk/alerts",
            "{\"deed\":\"PAUSE\",\"alert\":\"\",\"showing\":0,\"place\":0}",
            "POST /cues/{token}/alerts",
            "{\"deed\":\"PAUSE\",\"alert\":\"\",\"showing\":0,\"place\":0}",
            "POST /api/shows/{show}/passes",
            "{\"name\":\"Tove\",\"grants\":[{\"group\":\"BREAK\",\"pieces\":[],\"deeds\":[]}],\"goodTill\":null}",
            "PUT /api/shows/{show}/passes/{pass}",
            "{\"name\":\"Tove\",\"grants\":[{\"group\":\"BREAK\",\"pieces\":[],\"deeds\":[]}],\"goodTill\":null}",
            "PUT /api/channels/{channel}/show",
            "{\"show\":null}",
            "PUT /api/shows/{id}/leading",
            "{\"theme\":\"$theme\"}");

    private static Map<String, String> bodies(String... routesAndBodies) {
        Map<String, String> bodies = new LinkedHashMap<>();
        for (int i = 0; i < routesAndBodies.length; i += 2) {
            bodies.put(routesAndBodies[i], routesAndBodies[i + 1]);
        }
        return bodies;
    }

    @Test
    void everyRouteIsOpenToExactlyThoseWhoMay(RunningServer server) throws IOException {
        UUID workspace = server.bean(Members.class).addWorkspace("Roles");
        Map<String, Person> people = new LinkedHashMap<>();
        people.put("nobody", Person.unknown(server.address()));
        people.get("nobody").get("/api/session");
        people.put("stranger", server.stranger(Role.OWNER));
        for (Role role : List.of(Role.VIEWER, Role.OPERATOR, Role.DESIGNER, Role.OWNER)) {
            Person member = server.member(workspace, role);
            // In a workspace of their own they may do everything; here that counts for nothing.
            assertThat(member.post("/api/workspaces", "{\"name\":\"Their own\"}")
                            .status())
                    .isEqualTo(201);
            people.put(role.name().toLowerCase(java.util.Locale.ROOT), member);
        }
        Person maker = server.member(workspace, Role.OWNER);
        Map<String, String> wanted = table();
        StringBuilder found = new StringBuilder();
        Routes routes = Routes.of(people.get("owner"));
        // Each person meets a theme that nobody else has changed.
        Map<String, Map<String, String>> known = new LinkedHashMap<>();
        COLUMNS.forEach(column -> known.put(column, fresh(maker)));
        for (Route route : routes.all()) {
            StringBuilder line = new StringBuilder(route.name()).append(" |");
            for (String column : COLUMNS) {
                Map<String, String> own = known.get(column);
                int status = status(people.get(column), here(workspace, column), route, routes, own);
                line.append(' ').append(verdict(status));
                if (status / 100 == 2 && takesAway(route) && meets(route, own)) {
                    maker.delete("/api/themes/" + own.get("theme"));
                    known.put(column, fresh(maker));
                }
            }
            found.append(line).append('\n');
        }
        StringBuilder expected = new StringBuilder();
        routes.all()
                .forEach(route -> expected.append(route.name())
                        .append(" | ")
                        .append(wanted.getOrDefault(route.name(), "is missing in the table"))
                        .append('\n'));
        assertThat(found.toString()).isEqualTo(expected.toString());
        assertThat(wanted).as("no line without a route").hasSameSizeAs(routes.all());
    }

    /** The page has it from the code; the document is written by hand. */
    @Test
    void theDocumentSaysWhatEachRoleMay() throws IOException {
        List<String> rows = Files.readAllLines(Path.of("../docs/operating.md")).stream()
                .filter(line -> line.contains("✓"))
                .toList();
        StringBuilder wanted = new StringBuilder();
        for (String deed : Role.OWNER.all()) {
            wanted.append("| ").append(deed).append(" |");
            for (Role role : Role.values()) {
                wanted.append(role.all().contains(deed) ? " ✓ |" : "  |");
            }
            wanted.append('\n');
        }
        assertThat(String.join("\n", rows) + "\n").isEqualTo(wanted.toString());
    }

    /** Whether what the lines below speak of may be gone, or be called otherwise. */
    private static boolean takesAway(Route route) {
        return route.method().equals("DELETE")
                || route.name().matches("(PUT|POST) .*/(archived|channel|show|reissue|undo|restore)");
    }

    /** Whether something of the theme stands in the address. */
    private static boolean meets(Route route, Map<String, String> known) {
        String address = address(route.path(), known);
        return Stream.of("theme", "show", "channel", "outlet", "token")
                .map(known::get)
                .anyMatch(address::contains);
    }

    /** What a page of that workspace says with each request; a stranger's says it of their own. */
    private static String here(UUID workspace, String column) {
        return COLUMNS.indexOf(column) < 2 ? "" : workspace.toString();
    }

    private static int status(Person person, String here, Route route, Routes routes, Map<String, String> known) {
        String address = address(route.path(), known);
        if (route.name().equals("DELETE /api/session")) {
            // Whoever signs out here has nothing more to say on the lines below.
            return 200;
        }
        HttpRequest.BodyPublisher body = HttpRequest.BodyPublishers.noBody();
        if (route.takesFile()) {
            body = HttpRequest.BodyPublishers.ofByteArray(new byte[] {1, 2, 3});
        } else if (!route.body().isMissingNode() || BODIES.containsKey(route.name())) {
            body = HttpRequest.BodyPublishers.ofString(
                    BODIES.getOrDefault(route.name(), Routes.text(routes.body(route, new Random(5))))
                            .replace("$theme", known.get("theme"))
                            .replace("$clock", known.get("clock"))
                            .replace("$scene", known.get("scene")));
        }
        return person.send(person.request(address)
                        .header("Content-Type", route.takesFile() ? "application/octet-stream" : "application/json")
                        .header("Accept", "application/json")
                        .header("Brandeon-Workspace", here)
                        .method(route.method(), body)
                        .build())
                .status();
    }

    /** Whoever is told what is wrong with the request may call. */
    private static String verdict(int status) {
        return switch (status) {
            case 401, 403, 404 -> String.valueOf(status);
            default -> status < 500 ? "ok" : String.valueOf(status);
        };
    }

    /** What stands for the names in addresses: parts of a new theme of the workspace. */
    private static Map<String, String> fresh(Person owner) {
        String theme = owner.newTheme("Roles");
        owner.startSmall(theme);
        owner.post("/api/themes/" + theme + "/on-air", "");
        JsonNode view = owner.get("/api/themes/" + theme).json();
        String clock = "";
        for (JsonNode piece : view.path("theme").path("pieces")) {
            clock = piece.path("kind").asString().equals("COUNTDOWN")
                    ? piece.path("id").asString()
                    : clock;
        }
        JsonNode row = owner.get("/api/themes/" + theme + "/ledger")
                .json()
                .path("rows")
                .get(0);
        return Map.of(
                "theme",
                theme,
                "clock",
                clock,
                "scene",
                view.path("theme").path("scenes").get(0).path("id").asString(),
                "outlet",
                row.path("outlet").asString(),
                "channel",
                view.path("channel").asString(),
                "show",
                view.path("show").asString(),
                "workspace",
                owner.get("/api/session")
                        .json()
                        .path("workspaces")
                        .get(0)
                        .path("id")
                        .asString(),
                "token",
                row.path("link").asString().replaceAll(".*/o/", ""));
    }

    private static String address(String path, Map<String, String> known) {
        return path.replace("{workspace}", known.get("workspace"))
                        .replace("/api/outlets/{id}", "/api/outlets/" + known.get("outlet"))
                        .replaceFirst("^/api/themes/\\{(theme|id)}", "/api/themes/" + known.get("theme"))
                        .replaceFirst("^/api/shows/\\{(show|id)}", "/api/shows/" + known.get("show"))
                        .replace("{theme}", known.get("theme"))
                        .replace("{piece}", known.get("clock"))
                        .replace("{scene}", known.get("scene"))
                        .replace("{canvas}", "wide")
                        .replace("{kind}", "LOWER_THIRD")
                        .replace("{number}", "1")
                        .replace("{channel}", known.get("channel"))
                        .replaceFirst("^/o/\\{token}", "/o/" + known.get("token"))
                        .replaceAll("\\{[^}]+}", "11111111-1111-1111-1111-111111111111")
                + query(path);
    }

    private static String query(String path) {
        return path.endsWith("/palette")
                ? "?format=CSS"
                : path.endsWith("/files/all.zip")
                        ? "?canvas=wide&sorts=MASK"
                        : path.endsWith("/artworks")
                                        || path.endsWith("/themes/{theme}/sounds")
                                        || path.endsWith("{channel}/rehearsals")
                                ? "?name=x.png"
                                : path.contains("/proposal")
                                        ? "?from=upright"
                                        : path.endsWith("/workspaces/{workspace}") ? "?name=another" : "";
    }

    private static Map<String, String> table() throws IOException {
        try (InputStream file = RolesTest.class.getResourceAsStream("roles.txt")) {
            Map<String, String> table = new LinkedHashMap<>();
            new String(file.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .forEach(line -> {
                        String[] parts = line.split("\\|");
                        table.put(parts[0].strip(), parts[1].strip().replaceAll("\\s+", " "));
                    });
            return table;
        }
    }
}
