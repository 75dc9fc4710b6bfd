package brandeon.core.table;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.live.Readings;
import brandeon.core.show.LiveState;
import brandeon.core.show.Show;
import brandeon.core.text.Message;
import brandeon.core.text.MessageCheck;
import brandeon.core.text.TextRow;
import brandeon.core.text.ValueType;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What texts take from tables. */
class TablesTest {

    private static final Table SEEN = TableEdits.apply(
                    TableEdits.apply(
                                    Table.empty("birds", "Birds"),
                                    TableFile.fromCsv(
                                            "Species,Seen,At\nBittern,2,18:52\nTeal,36,18:47\nOwl,,20:04\nSnipe,7,19:12\n",
                                            true))
                            .table(),
                    new TableEdit.Choose(2))
            .table();
    private static final Tables TABLES = new Tables(List.of(SEEN));
    private static final LiveState LIVE =
            new LiveState(new Readings(Map.of("followers", 12L)), TABLES, Show.QUIET, Optional.empty());

    private static String said(String pattern) {
        return new Message(pattern).format(LIVE.values());
    }

    @Test
    void cellsSumsAndRowsStandInTexts() {
        assertThat(said("{birds_species}: {birds_seen, plural, one {# bird} other {# birds}} of {birds_seen_sum}"))
                .isEqualTo("Teal: 36 birds of 45");
        assertThat(said("{birds_1_species} since {birds_1_at}, {followers} watching"))
                .isEqualTo("Bittern since 18:52, 12 watching");
        assertThat(said("{birds_seen_first2}")).isEqualTo("Teal 36 · Snipe 7");
        assertThat(said("{birds_at_first2}"))
                .as("times and words from the first on")
                .isEqualTo("Teal 18:47 · Bittern 18:52");
        assertThat(said("{birds_at_last1}")).isEqualTo("Owl 20:04");
        assertThat(said("{birds_species_first2}")).isEqualTo("Bittern 2 · Owl");
        assertThat(said("{birds_rows}")).isEqualTo("Bittern 2 · Teal 36 · Owl · Snipe 7");
        assertThat(said("{birds_size, number} kinds")).isEqualTo("4 kinds");
    }

    @Test
    void whatIsNotThereIsADash() {
        assertThat(said("{birds_9_species} {birds_3_seen} {birds_weight} {bees_1_name} {birds_seen_first99}"))
                .isEqualTo("– – – – –");
        Table none = TableEdits.apply(SEEN, new TableEdit.Choose(0)).table();
        assertThat(new Tables(List.of(none)).value("birds_species")).isNull();
        assertThat(TABLES.value("birds_species_sum")).as("names have no sum").isNull();
    }

    @Test
    void numbersOfCellsAreExact() {
        Table coins = TableEdits.apply(
                        Table.empty("coins", "Coins"),
                        TableFile.fromCsv("Name,Number\na,0.1\nb,0.2\nc,1000000000000\n", true))
                .table();
        assertThat(new Tables(List.of(coins)).value("coins_number_sum")).hasToString("1000000000000.3");
    }

    @Test
    void whatIsSuggestedIsThereAndAsItSays() {
        for (Tables.Named named : TABLES.named()) {
            assertThat(TABLES.type(named.name())).as(named.name()).contains(named.type());
            Object value = TABLES.value(named.name());
            assertThat(value).as(named.name()).isNotNull();
            assertThat(value)
                    .isInstanceOf(
                            switch (named.type()) {
                                case NUMBER -> Number.class;
                                case LIST -> List.class;
                                case TEXT, MONEY, TIME -> String.class;
                            });
        }
        assertThat(TABLES.named())
                .extracting(Tables.Named::name)
                .doesNotHaveDuplicates()
                .hasSize(12);
    }

    @Test
    void aTextThatAsksTheWrongThingOfACellIsToldSo() {
        Map<String, ValueType> types = new HashMap<>(Readings.types());
        types.putAll(TABLES.types(List.of("birds_species", "birds_7_seen")));
        assertThat(MessageCheck.mistake("{birds_species, plural, one {#} other {#}}", types))
                .isPresent();
        assertThat(MessageCheck.mistake("{birds_7_seen, number, integer}", types))
                .isEmpty();
        assertThat(MessageCheck.mistake("{birds_species}", Readings.types())).isPresent();
    }

    @Test
    void aListingShowsTheColumnsAndOrderThatItSays() {
        assertThat(SEEN.sorted("seen", true))
                .extracting(line -> line.cells().getFirst())
                .containsExactly("Teal", "Snipe", "Bittern", "Owl");
        assertThat(SEEN.sorted("gone", true)).isEqualTo(SEEN.lines());
        assertThat(SEEN.shown(List.of("at", "gone", "species"))).containsExactly(2, 0);
        assertThat(SEEN.shown(List.of("gone"))).containsExactly(0, 1, 2);
        assertThat(TABLES.value("birds_rows"))
                .asInstanceOf(org.assertj.core.api.InstanceOfAssertFactories.LIST)
                .contains(new TextRow("Teal", "36"));
    }
}
