package brandeon.core.recolour;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.colour.Colour;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class RecipeTest {

    private static final Colour PURPLE = Colour.parse("#8844cc");
    private static final Colour REED = Colour.parse("#4f8f5b");

    @ParameterizedTest
    @EnumSource(Recolouring.Method.class)
    void aNameSaysAllThatIsNeededToPaintThePicture(Recolouring.Method method) {
        Recipe recipe = new Recipe(
                method,
                List.of(new ClusterShift.Move(PURPLE, REED), new ClusterShift.Move(Colour.WHITE, Colour.WHITE)));
        Recipe read = Recipe.named(recipe.name()).orElseThrow();
        assertThat(read).isEqualTo(recipe);
        assertThat(read.mapping().apply(PURPLE).rounded())
                .isEqualTo(recipe.mapping().apply(PURPLE).rounded())
                .isNotEqualTo(PURPLE);
    }

    @Test
    void aRecipeWithoutMovesLeavesThePictureAsItIs() {
        assertThat(Recipe.named("s").orElseThrow().mapping().apply(PURPLE)).isEqualTo(PURPLE);
        assertThat(Recipe.named("f").orElseThrow().filter()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "x", "s12345", "s8844cc4f8f5", "s8844CC4f8f5b", "s8844cc4f8f5b/..", "t zzzzzz4f8f5b"})
    void whatIsNoNameGivesNoRecipe(String name) {
        assertThat(Recipe.named(name)).isEmpty();
        assertThat(Recipe.named("s" + "8844cc4f8f5b".repeat(33)))
                .as("more colours than any picture has")
                .isEmpty();
    }
}
