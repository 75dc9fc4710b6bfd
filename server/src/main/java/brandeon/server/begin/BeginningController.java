package brandeon.server.begin;

import brandeon.core.begin.Answers;
import brandeon.core.begin.Moods;
import brandeon.core.colour.Colour;
import brandeon.core.theme.SceneRole;
import brandeon.server.access.Members;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The questions of a theme's beginning. */
@RestController
class BeginningController {

    /** @param seeds of a picture that it begins with; empty for the standard ones */
    record BeginWish(String name, List<Colour> seeds) {}

    record Begun(UUID theme) {}

    record StartMood(String name, List<Colour> seeds) {}

    /** A text that is asked for. @param role of the first scene that shows it @param standard what it says otherwise */
    record WordsAsked(Answers.Words id, SceneRole role, String title, String standard) {}

    record FormatChoice(Answers.Format id, String title, int width, int height) {}

    /** What can be answered. */
    record Questions(List<StartMood> moods, List<WordsAsked> words, List<FormatChoice> formats) {}

    record AnswersWish(Answers answers, int step) {}

    private final Beginnings beginnings;
    private final Members members;

    BeginningController(Beginnings beginnings, Members members) {
        this.beginnings = beginnings;
        this.members = members;
    }

    @GetMapping("/api/questions")
    Questions questions() {
        members.account();
        return new Questions(
                Moods.all().stream()
                        .map(mood -> new StartMood(mood.name(), mood.seeds()))
                        .toList(),
                Stream.of(Answers.Words.values())
                        .map(words -> new WordsAsked(words, words.role(), words.title(), words.standard()))
                        .toList(),
                Stream.of(Answers.Format.values())
                        .map(format -> new FormatChoice(
                                format,
                                format.title(),
                                format.size().width(),
                                format.size().height()))
                        .toList());
    }

    /** A new theme, complete, with its questions open. */
    @PostMapping("/api/beginnings")
    @ResponseStatus(HttpStatus.CREATED)
    Begun begin(@RequestBody BeginWish wish) {
        return new Begun(
                beginnings.begin(members.current(), wish.name(), wish.seeds()).id());
    }

    /** Where questions are still open. @param step the one that is */
    record OpenBeginning(UUID theme, int step) {}

    /** Of the workspace: themes that were not on air yet and whose answers still make them. */
    @GetMapping("/api/beginnings")
    List<OpenBeginning> open() {
        return beginnings.open(members.current()).entrySet().stream()
                .map(one -> new OpenBeginning(one.getKey(), one.getValue()))
                .toList();
    }

    @GetMapping("/api/themes/{id}/beginning")
    Beginnings.BeginningState state(@PathVariable UUID id) {
        return beginnings.of(members.current(), id);
    }

    @PutMapping("/api/themes/{id}/beginning")
    Beginnings.BeginningState answer(@PathVariable UUID id, @RequestBody AnswersWish wish) {
        return beginnings.answer(members.current(), id, wish.answers(), wish.step());
    }
}
