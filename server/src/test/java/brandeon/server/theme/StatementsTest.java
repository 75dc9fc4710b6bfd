package brandeon.server.theme;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import brandeon.server.support.Statements;
import jakarta.persistence.EntityManagerFactory;
import jakarta.persistence.Table;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** How often the database is asked: while a show runs, each statement is a way there and back. */
@ExtendWith(RunningServer.class)
class StatementsTest {

    private static final int MOST = 4;

    private Person host;
    private String theme;
    private Statements statements;

    @BeforeEach
    void aThemeThatThisServerKnows(RunningServer server) {
        host = server.host();
        theme = host.newTheme("Evening");
        statements = server.statements();
        host.edit(
                theme,
                "{\"edit\":\"addPiece\",\"index\":0,\"piece\":{\"id\":\"band\",\"kind\":\"BAND\",\"name\":\"Band\",\"captures\":[],\"content\":{},\"figures\":{},\"inlay\":null,\"mustShow\":false,\"handsOff\":false,\"share\":\"\"}}");
        statements.taken();
    }

    @Test
    void anEditOfATextAsksWhoItIsAndWritesThemeHistoryAndWake() {
        edit("Low tide 01:10", "");
        List<String> sent = statements.taken();
        assertThat(sent).as("%s", sent).hasSizeLessThanOrEqualTo(MOST);
        assertThat(sent)
                .anyMatch(sql -> sql.startsWith("update theme"))
                .anyMatch(sql -> sql.startsWith("insert into theme_edit"))
                .anyMatch(sql -> sql.contains("pg_notify"));
    }

    @Test
    void anEditWithinAGestureAsksNoMore() {
        edit("L", "typing");
        edit("Lo", "typing");
        statements.taken();
        edit("Low", "typing");
        List<String> sent = statements.taken();
        assertThat(sent).as("%s", sent).hasSizeLessThanOrEqualTo(MOST);
        assertThat(host.get("/api/themes/" + theme + "/history").json())
                .as("one line for the piece, one for what was typed")
                .hasSize(2);
        host.post("/api/themes/" + theme + "/undo", "");
        assertThat(host.get("/api/themes/" + theme).body()).doesNotContain("Lo");
    }

    @Test
    void anEditAfterAnUndoIsRightAboutWhatCanBeDoneAgain() {
        edit("First", "");
        host.post("/api/themes/" + theme + "/undo", "");
        assertThat(edit("Second", "").json().path("canRedo").asBoolean(true)).isFalse();
        assertThat(host.post("/api/themes/" + theme + "/redo", "").status()).isEqualTo(409);
    }

    @Test
    void aSignalWithAnAlertAsksNoMore() {
        String channel =
                host.get("/api/themes/" + host.demo()).json().path("channel").asString();
        String practice = "/api/channels/" + channel + "/practice";
        host.post(practice, "{\"kind\":\"FOLLOW\"}");
        statements.taken();
        assertThat(host.post(practice, "{\"kind\":\"FOLLOW\"}").status()).isEqualTo(200);
        List<String> sent = statements.taken();
        assertThat(sent).as("%s", sent).anyMatch(sql -> sql.startsWith("insert into signal"));
        // The practice button is a person's; whoever presses it is asked for, and which channel is theirs.
        assertThat(sent).as("%s", sent).hasSizeLessThanOrEqualTo(MOST + 1);
    }

    @Test
    void everyTableIsAnEntity(RunningServer server) {
        EntityManagerFactory entities = server.bean(EntityManagerFactory.class);
        List<?> tables = entities.callInTransaction(manager -> manager.createNativeQuery(
                        "select table_name from information_schema.tables where table_schema = 'public' and table_name <> 'flyway_schema_history'")
                .getResultList());
        assertThat(entities.getMetamodel().getEntities())
                .extracting(entity ->
                        entity.getJavaType().getAnnotation(Table.class).name())
                .containsExactlyInAnyOrderElementsOf(
                        tables.stream().map(Object::toString).toList());
    }

    private Person.Answer edit(String text, String gesture) {
        Person.Answer answer = host.edit(
                theme,
                "{\"edit\":\"setContent\",\"piece\":\"band\",\"field\":\"message\",\"value\":\"" + text + "\"}",
                gesture);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        return answer;
    }
}
