package io.answerback.desktop.setup;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.wording.DecisionWords;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.SettingScope;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.Zone;
import io.answerback.core.setup.DecisionWithoutReason;
import io.answerback.core.setup.Intent;
import io.answerback.core.setup.RunSheet;
import io.answerback.core.setup.SettingNumbers;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.setup.SetupState;
import io.answerback.core.setup.SetupWords;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// What is wanted of the panel, in plain words: each decision with the usual answer and why, what else it
/// touches, and what it makes one type on this panel. Answering otherwise asks for a reason.
final class DecisionsSheet extends FilledSheet {
    private static final double TITLE_WIDTH = 170;
    private static final double ANSWER_WIDTH = 130;
    private static final List<Decision> OF_ZONES = List.of(
            Decision.ZONE_BEHAVIOUR,
            Decision.ZONE_AREA,
            Decision.ZONE_SHARED,
            Decision.ZONE_PART_SET,
            Decision.ZONE_CHIME,
            Decision.ZONE_DOUBLE_KNOCK,
            Decision.ZONE_RESPONSE,
            Decision.ZONE_NAME);

    private static final Set<String> NOTHING = Set.of("none", "nothing", "never");
    private static final Set<Decision> BY_ITSELF =
            EnumSet.of(Decision.AREA_FOLLOWS, Decision.AREA_SETS_AT, Decision.ALARM_RESET);

    private final Actions actions;
    private Terms terms = new Terms(PracticeOption.SET_UNSET);

    DecisionsSheet(Actions actions) {
        this.actions = actions;
        instrument.set(
                Words.title("The plainest choice is the best"),
                Words.wrapped(
                        Words.quiet(
                                "Each answer that is not the usual one is one more thing for users to forget and the next engineer to set back. Where there is a reason, it is written down.")),
                Words.caution(
                        "Local code and the station's terms come before habit: delays before sending and the length of a siren are often laid down."));
    }

    @Override
    public String title() {
        return "What the panel must do";
    }

    @Override
    public String about(WindowState state) {
        int other = state.job().setup().decided().size();
        return other == 0 ? "every answer the usual one" : "%d otherwise than usual".formatted(other);
    }

    @Override
    protected void show(WindowState state) {
        Job job = state.job();
        terms = Terms.of(job.practice());
        Intent intent = new Intent(job);
        RunSheet sheet = state.assessment().get(SetupState.FACT).sheet();
        List<Part> parts = new ArrayList<>(zone(state, intent, sheet));
        for (Area area : job.areas()) {
            parts.add(Words.section("Area %02d %s".formatted(area.number(), area.name()), ""));
            decisions(SettingScope.AREA)
                    .forEach(decision ->
                            row(job, intent, sheet, decision, area.number()).ifPresent(parts::add));
        }
        List<String> outputs = SettingNumbers.outputs(job);
        for (int output = 1; output <= outputs.size(); output++) {
            parts.add(Words.section("Output %s".formatted(outputs.get(output - 1)), ""));
            row(job, intent, sheet, Decision.OUTPUT_USE, output).ifPresent(parts::add);
        }
        parts.add(Words.section("The whole panel", ""));
        decisions(SettingScope.PANEL)
                .forEach(decision -> row(job, intent, sheet, decision, 0).ifPresent(parts::add));
        this.sheet.set(parts);
    }

    /// What is decided about the selected point's zone; nothing where it has none.
    private List<Part> zone(WindowState state, Intent intent, RunSheet sheet) {
        Job job = state.job();
        Optional<Zone> zone = job.inputOf(state.selected()).map(Input::zone).flatMap(job::zone);
        List<Part> parts = new ArrayList<>();
        zone.ifPresent(its -> {
            String name = intent.point(its.number()).map(Point::name).orElse("");
            parts.add(Words.section("Zone %02d %s".formatted(its.number(), name), "the selected point's"));
            OF_ZONES.forEach(
                    decision -> row(job, intent, sheet, decision, its.number()).ifPresent(parts::add));
        });
        return parts;
    }

    private static Stream<Decision> decisions(SettingScope scope) {
        return Stream.of(Decision.values())
                .filter(decision -> decision.scope() == scope
                        && !decision.ofCommunicator()
                        && (decision.kind() == Decision.Kind.AMOUNT
                                || decision.kind() == Decision.Kind.SWITCH
                                || BY_ITSELF.contains(decision)));
    }

    private Optional<Part> row(Job job, Intent intent, RunSheet sheet, Decision decision, int number) {
        Optional<SettingValue> wanted = intent.of(decision, number);
        return wanted.map(value -> {
            Parts row = Parts.row(
                    cell(Words.wrapped(Words.of("rule-title", DecisionWords.title(decision, terms))), TITLE_WIDTH),
                    cell(answer(decision, number, value), ANSWER_WIDTH));
            row.style("rule");
            Parts words = Parts.column(Words.wrapped(Words.of("finding-why", why(intent, decision, number))));
            words.add(Words.wrapped(Words.quiet(typed(job, sheet, decision, number))));
            job.setup().decided(decision, number).ifPresent(its -> words.add(reason(its)));
            row.add(words.group().growing());
            return row.group();
        });
    }

    private static Part cell(Part part, double width) {
        return Group.row(part).style("rule-cell").wide(width);
    }

    private String why(Intent intent, Decision decision, int number) {
        String usual = intent.usual(decision, number)
                .map(value -> "Usual: %s. ".formatted(SetupWords.value(decision, value)))
                .orElse("");
        String touches = DecisionWords.touches(decision, terms);
        return usual + DecisionWords.why(decision, terms) + (touches.isEmpty() ? "" : " Touches: " + touches + ".");
    }

    /// What it makes one type on this panel.
    private static String typed(Job job, RunSheet sheet, Decision decision, int number) {
        return sheet.step(decision, number)
                .map(step -> step.entry()
                        .map(entry -> "On this panel: %s, type %s".formatted(String.join(" › ", step.where()), entry))
                        .orElse("On this panel " + step.problem()))
                .orElse("%s has no setting for it."
                        .formatted(job.panel().profile().name()));
    }

    private Part answer(Decision decision, int number, SettingValue value) {
        String name = DecisionWords.title(decision, terms) + (number == 0 ? "" : " %02d".formatted(number));
        return switch (value) {
            case SettingValue.Switch yesOrNo ->
                Switch.bare(
                        name,
                        List.of(true, false),
                        yesOrNo.on(),
                        on -> on ? "yes" : "no",
                        on -> decide(decision, number, on ? "yes" : "no"));
            case SettingValue.Chosen chosen ->
                Choice.of(
                        name,
                        decision.choices(),
                        chosen.name(),
                        its -> SetupWords.chosen(decision, its),
                        its -> decide(decision, number, its));
            case SettingValue.Amount _, SettingValue.Numbers _, SettingValue.Named _ ->
                Value.of(
                                name,
                                SetupWords.value(decision, value),
                                typed -> decide(decision, number, plain(decision, typed)))
                        .wrapped();
        };
    }

    private static String plain(Decision decision, String typed) {
        if (NOTHING.contains(typed.strip())) {
            return "";
        }
        return decision.unit().isEmpty()
                ? typed.strip()
                : typed.replace(decision.unit(), "").strip();
    }

    private boolean decide(Decision decision, int number, String value) {
        return actions.apply(Typed.of(() -> SetupEdits.decide(decision, number, value)));
    }

    private Part reason(PanelProgramming.Decided decided) {
        boolean told = !decided.reason().isEmpty();
        boolean wanted = DecisionWithoutReason.wantsReason(actions.now().job().practice(), decided);
        Parts row = Parts.row(
                Marks.of(
                        wanted ? Mark.TIGHT : Mark.SOUND,
                        wanted ? "changed without a reason" : told ? "changed for a reason" : "within the rules"),
                Value.of(
                                "Reason for " + DecisionWords.title(decided.decision(), terms),
                                told ? decided.reason() : "give the reason",
                                why -> actions.apply(SetupEdits.reason(decided.decision(), decided.number(), why)))
                        .wrapped());
        row.style("listed-departure");
        return row.group();
    }
}
