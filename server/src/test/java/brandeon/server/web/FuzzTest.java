package brandeon.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.layout.Soundness;
import brandeon.core.pack.Json;
import brandeon.core.theme.Theme;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.door.RateLimits;
import brandeon.server.support.Person;
import brandeon.server.support.Routes;
import brandeon.server.support.Routes.Route;
import brandeon.server.support.RunningServer;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Three thousand bad inputs over all routes: each is answered with a sentence, and what is refused changes nothing. */
@ExtendWith(RunningServer.class)
@Tag("slow")
class FuzzTest {

    private static final int INPUTS = 3000;
    private static final int PEOPLE = 6;

    @Test
    void nothingFromOutsideIsAnsweredWithAnErrorOfOurs(RunningServer server) {
        Random random = new Random(41);
        UUID workspace = server.bean(Members.class).addWorkspace("Fuzz");
        List<Person> owners = new ArrayList<>();
        for (int i = 0; i < PEOPLE; i++) {
            owners.add(server.member(workspace, Role.OWNER));
        }
        Routes routes = Routes.of(owners.getFirst());
        String theme = theme(owners.getFirst(), workspace);
        Map<Integer, Integer> answers = new HashMap<>();
        List<String> seen = new ArrayList<>();
        JsonNode before = document(owners.getFirst(), theme);
        for (int i = 0; i < INPUTS; i++) {
            Person person = owners.get(i % PEOPLE);
            Route route = routes.all().get(i % routes.all().size());
            if (route.name().equals("DELETE /api/session")) {
                continue;
            }
            if (before.isMissingNode()) {
                theme = theme(person, workspace);
                before = document(person, theme);
            }
            String address = address(route, theme, random);
            String body = body(routes, route, random);
            Person.Answer answer = send(person, route, address, body, random);
            if (answer == null) {
                continue;
            }
            answers.merge(answer.status() / 100, 1, Integer::sum);
            seen.add(route.name());
            String what = route.name() + " as " + address + " with "
                    + (body.length() > 600 ? body.substring(0, 600) : body) + " answered " + answer.status() + " "
                    + (answer.body().length() > 300 ? answer.body().substring(0, 300) : answer.body());
            assertThat(answer.status()).as(what).isLessThan(500);
            if (answer.status() >= 400) {
                if (!route.path().startsWith("/o/")) {
                    assertThat(answer.type()).as(what).startsWith("application/problem+json");
                    assertThat(answer.detail())
                            .as(what)
                            .isNotBlank()
                            .doesNotContain("Exception", "java.", "org.springframework", "brandeon.");
                }
                assertThat(document(person, theme)).as("unchanged by %s", what).isEqualTo(before);
            } else if (!route.method().equals("GET")) {
                before = document(person, theme);
                assertThat(
                                before.isMissingNode()
                                        ? List.of()
                                        : Soundness.faults(Json.read(before.toString(), Theme.class)))
                        .as(what)
                        .isEmpty();
            }
        }
        assertThat(seen.stream().distinct().count())
                .as("all routes were tried")
                .isGreaterThan(routes.all().size() - 3L);
        assertThat(answers.get(4)).as("most of it is bad").isGreaterThan(INPUTS / 2);
    }

    /** All of it came from one place, from which other tests sign in next. */
    @AfterEach
    void forgetWhatWasCounted(RunningServer server) {
        for (RateLimits.Door door : RateLimits.Door.values()) {
            server.bean(RateLimits.class).free(door, "127.0.0.1");
        }
    }

    /** Missing when the theme is gone. */
    private static JsonNode document(Person person, String theme) {
        return person.get("/api/themes/" + theme).json().path("theme");
    }

    /** In the workspace that all of them share, whatever else they made meanwhile. */
    private static String theme(Person person, UUID workspace) {
        String id = person.send(person.request("/api/themes")
                        .header("Content-Type", "application/json")
                        .header("Brandeon-Workspace", workspace.toString())
                        .POST(HttpRequest.BodyPublishers.ofString("{\"name\":\"Fuzz\"}"))
                        .build())
                .json()
                .path("id")
                .asString();
        person.startSmall(id);
        return id;
    }

    private static String address(Route route, String theme, Random random) {
        String path = route.path();
        if (random.nextInt(4) > 0 && path.startsWith("/api/themes/{")) {
            path = path.replaceFirst("\\{[^}]+}", theme);
        }
        while (path.contains("{")) {
            String value = random.nextInt(3) == 0
                    ? List.of("wide", "upright", "LOWER_THIRD", "1", "play").get(random.nextInt(5))
                    : Routes.word(random);
            path = path.replaceFirst(
                    "\\{[^}]+}",
                    java.util.regex.Matcher.quoteReplacement(
                            encoded(value.isEmpty() ? "x" : value.length() > 500 ? value.substring(0, 500) : value)));
        }
        List<String> query = new ArrayList<>();
        for (String name : route.query().keySet()) {
            if (random.nextInt(3) > 0) {
                query.add(name + "=" + encoded(Routes.word(random)));
            }
        }
        return query.isEmpty() ? path : path + "?" + String.join("&", query);
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }

    private static String body(Routes routes, Route route, Random random) {
        if (route.body().isMissingNode()) {
            return "";
        }
        JsonNode body = routes.body(route, random);
        for (int n = random.nextInt(3); n > 0; n--) {
            body = Routes.spoilt(body, random);
        }
        String text = Routes.text(body);
        return random.nextInt(20) == 0 ? text.substring(0, text.length() / 2) : text;
    }

    /** Null where Java itself does not send such an address. */
    private static Person.Answer send(Person person, Route route, String address, String body, Random random) {
        URI uri;
        try {
            uri = URI.create(person.address() + address);
        } catch (IllegalArgumentException e) {
            return null;
        }
        byte[] file = new byte[random.nextInt(3000)];
        random.nextBytes(file);
        HttpRequest.BodyPublisher publisher = route.takesFile()
                ? HttpRequest.BodyPublishers.ofByteArray(file)
                : body.isEmpty() ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body);
        return person.send(person.request(uri.toString())
                .header("Content-Type", route.takesFile() ? "application/octet-stream" : "application/json")
                .header("Accept", "application/json")
                .method(route.method(), publisher)
                .build());
    }
}
