package brandeon.server.begin;

import brandeon.core.begin.Answers;
import brandeon.core.begin.Beginning;
import brandeon.core.colour.Colour;
import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.core.theme.Starter;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.channel.Channels;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import brandeon.server.theme.Themes;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** The first five minutes of a theme: answers are kept, and the theme is made of them at once, as one thing to undo. */
@Service
public class Beginnings {

    static final int STEPS = 6;

    /**
     * How far it is.
     *
     * @param step    the question that is open, counted from 1
     * @param touched whether the theme was changed elsewhere since: answers do not change it any more then
     */
    public record BeginningState(Answers answers, int step, boolean touched) {}

    private final BeginningRows rows;
    private final Themes themes;
    private final Channels channels;
    private final TransactionTemplate transactions;

    Beginnings(BeginningRows rows, Themes themes, Channels channels, TransactionTemplate transactions) {
        this.rows = rows;
        this.themes = themes;
        this.channels = channels;
        this.transactions = transactions;
    }

    /**
     * A new theme with everything that a usual show needs. It goes to the first channel, or to a new one.
     *
     * @param seeds to begin with; empty for the standard ones
     */
    Themes.Draft begin(Member member, String name, List<Colour> seeds) {
        member.requires(Role.DESIGNER);
        Answers standard = Beginning.standard(name);
        Answers answers = seeds.isEmpty() ? standard : standard.withSeeds(seeds);
        return transactions.execute(_ -> {
            Channels.Channel channel = channels.standard(member, answers.name());
            Themes.Draft draft = themes.create(member, channel.id(), Starter.theme(answers.name()), Optional.empty());
            String gesture = "beginning " + draft.id();
            rows.save(new BeginningRow(draft.id(), Json.write(answers), gesture));
            return themes.edit(member, draft.id(), Beginning.edit(draft.theme(), answers), gesture);
        });
    }

    /** Themes of a workspace that were not on air yet and still are what their answers made them, with the open step. */
    Map<UUID, Integer> open(Member member) {
        Map<UUID, Themes.Draft> drafts = new HashMap<>();
        themes.all(member).stream().filter(draft -> draft.onAir() == 0).forEach(draft -> drafts.put(draft.id(), draft));
        Map<UUID, Integer> open = new HashMap<>();
        rows.findAllById(drafts.keySet()).forEach(row -> {
            BeginningState state = state(drafts.get(row.themeId), row);
            if (!state.touched()) {
                open.put(row.themeId, state.step());
            }
        });
        return open;
    }

    /** @throws NotFound when the theme did not begin this way */
    BeginningState of(Member member, UUID theme) {
        Themes.Draft draft = themes.get(member, theme);
        return state(draft, row(theme));
    }

    /**
     * Keeps answers, and makes the theme of them.
     *
     * @throws Mistake for an answer that no theme can hold
     * @throws Refused when the theme was changed elsewhere, and other answers are given than before
     */
    BeginningState answer(Member member, UUID theme, Answers answers, int step) {
        member.requires(Role.DESIGNER);
        if (step < 1 || step > STEPS) {
            throw new Mistake("There are " + STEPS + " questions.");
        }
        Themes.Draft draft = themes.get(member, theme);
        BeginningRow row = row(theme);
        BeginningState before = state(draft, row);
        if (!answers.equals(before.answers())) {
            if (before.touched()) {
                throw new Refused(
                        "This theme was changed on its other screens meanwhile. Go on there: nothing of it is lost.");
            }
            themes.edit(member, theme, Beginning.edit(draft.theme(), answers), row.gesture);
        }
        row.answers = Json.write(answers);
        row.step = step;
        rows.save(row);
        return new BeginningState(answers, step, before.touched());
    }

    private static BeginningState state(Themes.Draft draft, BeginningRow row) {
        Answers answers = Json.read(row.answers, Answers.class);
        return new BeginningState(answers, row.step, !draft.theme().equals(Beginning.theme(answers)));
    }

    private BeginningRow row(UUID theme) {
        return rows.findById(theme).orElseThrow(() -> new NotFound("This theme was not begun with questions."));
    }
}
