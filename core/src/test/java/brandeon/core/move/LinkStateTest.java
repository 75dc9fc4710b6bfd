package brandeon.core.move;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LinkStateTest {

    @ParameterizedTest
    @CsvSource(textBlock = """
            false, false, false, WAITING,           false
            false, true,  false, DONE,              true
            false, false, true,  TICKED,            true
            false, true,  true,  DONE,              true
            true,  false, false, OLD_OPEN,          false
            true,  true,  false, BOTH_OPEN,         false
            true,  false, true,  TICKED_STILL_OPEN, false
            true,  true,  true,  TICKED_STILL_OPEN, false
            """)
    void whatIsSeenOpenCountsMoreThanWhatIsSaid(
            boolean oldOpen, boolean newSeen, boolean ticked, LinkState state, boolean done) {
        assertThat(LinkState.of(oldOpen, newSeen, ticked)).isEqualTo(state);
        assertThat(state.done()).isEqualTo(done);
    }
}
