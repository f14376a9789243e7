package io.answerback.core.prove.acceptance;

import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.Happening.BatteryState;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationRules.AreaRule;
import io.answerback.core.panel.operation.OperationRules.UserRule;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

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

    /// Setting is tried while each fault stands by itself; what arrives are the faults and their ends, and no setting.
    private void refused(AreaRule area) {
        List<String> steps = new ArrayList<>();
        Story story = played.story();
        covered(area).ifPresent(zone -> {
            steps.add("Take the cover off " + zone.name() + ", try to set, put it back");
            story.reads(zone.number(), Meaning.TAMPER);
            tries(story, area).reads(zone.number(), Meaning.NORMAL).moment();
        });
        if (!facts.communicator().paths().isEmpty()) {
            steps.add("Cut the first path, try to set, connect it");
            story.then(new Happening.Path(1, false));
            tries(story, area).then(new Happening.Path(1, true)).moment();
        }
        steps.add("Take the battery off, start its test, try to set, connect it");
        story.then(new Happening.Battery(BatteryState.MISSING)).moment().then(new Happening.BatteryTested());
        tries(story, area).then(new Happening.Battery(BatteryState.WELL));
        lines.add(played.line(
                        "refused",
                        LineSection.SETTING,
                        "Setting refused while something is wrong",
                        Text.of("Try to set area %02d with one fault after the other", area.number()),
                        Map.of("with a zone open", rules.options().forcedSet() ? "set all the same" : "refused"),
                        story)
                .steps(steps.toArray(String[]::new))
                .seen("each time a keypad refuses and says why")
                .caution("No tool across the terminals of the battery; the mains side stays covered.")
                .takes(2 + steps.size())
                .because("A site that is set with a fault is not protected, and looks as if it were.")
                .made());
    }

    private Story tries(Story story, AreaRule area) {
        return story.moment().set(area, rules.userOf(area.number())).moment();
    }

    /// A zone of this area alone whose loop watches a cover.
    private Optional<ZoneRule> covered(AreaRule area) {
        return facts.inputs().stream()
                .filter(input -> input.pointId()
                        .flatMap(facts::point)
                        .filter(point -> point.loop().scheme().watchesCover()
                                && !SharedLoop.covers(point).isEmpty())
                        .isPresent())
                .flatMap(input -> Optional.ofNullable(rules.zones().get(input.zone())).stream())
                .filter(zone -> zone.areas().size() == 1 && zone.area() == area.number())
                .findFirst();
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
