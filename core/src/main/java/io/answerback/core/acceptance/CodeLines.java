package io.answerback.core.acceptance;

import io.answerback.core.common.Text;
import io.answerback.core.memo.Facts;
import io.answerback.core.operation.Happening;
import io.answerback.core.operation.OperationRules;
import io.answerback.core.operation.OperationRules.AreaRule;
import io.answerback.core.operation.OperationRules.UserRule;
import io.answerback.core.site.PanelProgramming;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/// The lines of what people can do at keypads and what keypads refuse: wrong codes, setting while something is
/// wrong, and every user once.
final class CodeLines {
    private static final long SECOND = 1000;

    private final Facts facts;
    private final OperationRules rules;
    private final PlayedLines played;
    private final List<AcceptanceLine> lines = new ArrayList<>();

    CodeLines(Facts facts) {
        this.facts = facts;
        this.rules = facts.of(OperationRules.FACT);
        this.played = new PlayedLines(facts);
    }

    List<AcceptanceLine> lines() {
        wrongCodes();
        rules.firstArea(area -> true).ifPresent(this::refused);
        rules.users()
                .forEach((number, user) -> rules.firstArea(area -> user.areas().contains(area.number()))
                        .ifPresent(area -> user(number, user, area)));
        return lines;
    }

    private void wrongCodes() {
        int most = rules.manners().wrongCodes();
        Story story = played.story();
        for (int i = 0; i < most; i++) {
            story.then(new Happening.WrongCode()).waits(SECOND);
        }
        lines.add(played.line(
                        "wrong-codes",
                        LineSection.SETTING,
                        "Wrong codes lock the keypads",
                        Text.of("Type %d wrong codes at a keypad", most),
                        Map.of("wrong codes", Integer.toString(most)),
                        story)
                .seen(Text.of("keypads are locked for %d s", rules.manners().lockSeconds()))
                .made());
    }

    private void refused(AreaRule area) {
        lines.add(AcceptanceLine.line("refused", LineSection.SETTING, "Setting refused while something is wrong")
                .order(Text.of(
                        "Set area %02d with a lid open, with a path cut and with the battery off, one after the other",
                        area.number()))
                .steps(
                        "Lift a lid, try to set, close it",
                        "Cut a path, try to set, connect it",
                        "Take the battery off, start its test, try to set, connect it")
                .seen("each time a keypad refuses and says why")
                .caution("No tool across the terminals of the battery; the mains side stays covered.")
                .takes(3)
                .because("A site that is set with a fault is not protected, and looks as if it were.")
                .rests(Map.of("with a zone open", rules.options().forcedSet() ? "set all the same" : "refused"))
                .made());
    }

    private void user(int number, UserRule user, AreaRule area) {
        lines.add(played.line(
                        "user:" + number,
                        LineSection.SETTING,
                        Text.of("User %02d %s", number, title(number)).strip(),
                        Text.of(
                                "Let them set and unset area %02d by their own code at each keypad they use",
                                area.number()),
                        Map.of("areas", user.areas().stream().sorted().toList().toString()),
                        played.story().left(area, number).unset(area, number),
                        number)
                .seen("at each keypad they use" + refusing(user))
                .bring("the user, with the code")
                .because("A code that its user never tried fails on the first morning.")
                .made());
    }

    private String title(int number) {
        return facts.setup().users().stream()
                .filter(its -> its.number() == number)
                .map(PanelProgramming.User::title)
                .findFirst()
                .orElse("");
    }

    /// An area of others has to refuse them.
    private String refusing(UserRule user) {
        return rules.areas().values().stream()
                .filter(its -> !user.areas().contains(its.number()))
                .findFirst()
                .map(its -> Text.of("; area %02d %s refuses the code", its.number(), its.name()))
                .orElse("");
    }
}
