package brandeon.core.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import brandeon.core.canvas.Size;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UnreadableTest {

    private record Kept(String name, Size size) {}

    /** Whoever writes a request by hand is told the field, and nothing of what reads it. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            {"size":{"width":4,"height":4}}            | the field “name” is missing or empty
            {"name":"Reeds"}                           | the field “size” is missing or empty
            {"name":null,"size":{"width":4,"height":4}} | the field “name” is missing or empty
            {"name":"Reeds","size":{"width":4}}        | the field “height” is missing or empty
            {"name":"Reeds","size":{"width":4,"height":4},"nest":1} | There is no field “nest” here
            {"name":"Reeds","size":{"width":"wide","height":4}} | “wide” is not a whole number (in the field “width”)
            {"name                                     | is not well formed
            """)
    void whatIsWrongIsSaidByItsField(String json, String says) {
        Throwable refused = catchThrowable(() -> Json.readFromOutside(json, Kept.class));
        assertThat(refused).isNotNull();
        assertThat(Unreadable.sentence("The request", refused))
                .contains(says)
                .doesNotContain("Feature", "brandeon.", "creator");
    }
}
