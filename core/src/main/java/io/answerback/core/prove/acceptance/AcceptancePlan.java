package io.answerback.core.prove.acceptance;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.FactOf;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.memo.Memo;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Parts;
import io.answerback.core.signal.event.EventTable;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Everything that has to be shown before a site is handed over, in the order that walks least and disturbs least.
///
/// @param lines every line, section after section
/// @param events the event table, in the words of the firm: what arrives beside the plan is said by it
public record AcceptancePlan(List<AcceptanceLine> lines, EventTable events) {
    /// The plan of a job.
    public static final Fact<AcceptancePlan> FACT = Fact.of("acceptance plan", AcceptancePlan::of);

    /// The lines of what the panel does of itself: kept by themselves, since few edits change anything of it.
    private static final Fact<List<AcceptanceLine>> PANEL_LINES = Fact.of(
            "lines of what the panel does",
            facts -> Stream.of(
                            new AlarmLines(facts).lines(),
                            new CodeLines(facts).lines(),
                            new ModuleLines(facts).lines(),
                            new SupervisionLines(facts).lines())
                    .flatMap(List::stream)
                    .toList());

    /// The lines of setting and unsetting, kept by themselves likewise.
    private static final Fact<List<AcceptanceLine>> SETTING_LINES =
            Fact.of("lines of setting", facts -> new SettingLines(facts).lines());

    /// The lines of outputs, paths, receivers, people and supply, kept by themselves likewise.
    private static final Fact<List<AcceptanceLine>> SYSTEM_LINES =
            Fact.of("lines of the system", facts -> new SystemLines(facts).lines());

    /// Every line that is not a point's.
    private static final Fact<List<AcceptanceLine>> OTHER_LINES = Fact.of(
            "lines of no point",
            facts -> Stream.of(facts.of(SETTING_LINES), facts.of(PANEL_LINES), facts.of(SYSTEM_LINES))
                    .flatMap(List::stream)
                    .sorted(Comparator.comparing(AcceptanceLine::section))
                    .toList());

    private static final FactOf<PointId, PerPoint<LineState>> STATES_OF = FactOf.each(
            "how the lines of a point stand",
            (facts, id) -> facts.of(DeviceLines.OF_POINT, id).map(line -> LineState.of(line, facts)));

    /// How the lines of some points stand.
    static final FactOf<Integer, List<PerPoint<LineState>>> SOME_STATES =
            DeviceLines.POINTS.each("how the lines of points stand", STATES_OF);

    /// How the lines stand that are not a point's.
    static final Fact<List<LineState>> OTHER_STATES = Fact.of(
            "how the lines of no point stand",
            facts -> facts.of(OTHER_LINES).stream()
                    .map(line -> LineState.of(line, facts))
                    .toList());

    /// How each line stands with what was shown on a job, in the order of the plan.
    public static final Fact<List<LineState>> STATES = Fact.of("lines of the acceptance plan", AcceptancePlan::states);

    private static final int TENTH = 10;
    private static final Set<String> EVERY_VISIT = Set.of("mains", "battery");

    public AcceptancePlan {
        lines = List.copyOf(lines);
    }

    private static AcceptancePlan of(Facts facts) {
        return new AcceptancePlan(
                facts.of(STATES).stream().map(LineState::line).toList(),
                facts.of(EventTable.GIVEN).in(Terms.of(facts.practice())));
    }

    private static List<LineState> states(Facts facts) {
        List<PerPoint<LineState>> points = DeviceLines.POINTS.every(facts, SOME_STATES).stream()
                .flatMap(List::stream)
                .toList();
        return Stream.concat(PerPoint.inOrder(points), facts.of(OTHER_STATES).stream())
                .sorted(Comparator.comparing(state -> state.line().section()))
                .toList();
    }

    /// The same with other lines.
    public AcceptancePlan with(List<AcceptanceLine> others) {
        return new AcceptancePlan(others, events);
    }

    /// Plans a job from nothing.
    public static AcceptancePlan of(Job job, EventTable events) {
        return new Memo().read(job, Map.of(EventTable.GIVEN, events), facts -> facts.of(FACT));
    }

    /// The shorter plan of a service visit: everything that is open or stale, mains and battery, and of the rest a
    /// tenth,
    /// those first that were shown longest ago.
    public AcceptancePlan ofService(Parts job) {
        return ofService(lines.stream().map(line -> LineState.of(line, job)).toList());
    }

    /// The same plan of a service visit.
    ///
    /// @param states how each line of this plan stands
    public AcceptancePlan ofService(List<LineState> states) {
        List<LineState> holding = states.stream().filter(LineState::shown).toList();
        Set<AcceptanceLine> tenth = holding.stream()
                .sorted(Comparator.comparing(state -> state.best().orElseThrow().at()))
                .limit((holding.size() + TENTH - 1) / TENTH)
                .map(LineState::line)
                .collect(Collectors.toSet());
        return with(states.stream()
                .filter(state -> !state.shown()
                        || tenth.contains(state.line())
                        || EVERY_VISIT.contains(state.line().id()))
                .map(LineState::line)
                .toList());
    }

    /// The shorter plan after a change: what is open, no longer holds or was found wrong, and nothing else.
    public AcceptancePlan afterChange(Parts job) {
        return with(
                lines.stream().filter(line -> !LineState.of(line, job).shown()).toList());
    }

    /// The lines of this plan that a shorter one leaves out.
    public List<AcceptanceLine> leftOutOf(AcceptancePlan shorter) {
        return lines.stream().filter(line -> shorter.line(line.id()).isEmpty()).toList();
    }

    /// Whether a line is shown on every visit, whatever holds.
    public static boolean everyVisit(AcceptanceLine line) {
        return EVERY_VISIT.contains(line.id());
    }

    /// The line with this id; empty when there is none.
    public Optional<AcceptanceLine> line(String id) {
        return lines.stream().filter(line -> line.id().equals(id)).findFirst();
    }

    /// How long all of it takes, in minutes.
    public double minutes() {
        return lines.stream().mapToDouble(AcceptanceLine::minutes).sum();
    }
}
