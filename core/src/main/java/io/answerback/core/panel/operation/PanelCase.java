package io.answerback.core.panel.operation;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.signal.event.Signal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/// A story of a panel: what happens to it at which time, and which signals must follow.
///
/// @param name what it is called
/// @param about what it is about, in one sentence
/// @param panel what the panel of this story does differently from the job's
/// @param zones zones that behave otherwise in this story than they are programmed
/// @param happens what happens, in the order of time
/// @param lastsMillis how long it lasts, in milliseconds; what comes due until then happens
/// @param expects the signals that must follow, in their order, and no others
public record PanelCase(
        String name,
        String about,
        StoryPanel panel,
        Map<Integer, ZoneType> zones,
        List<Event> happens,
        long lastsMillis,
        List<Expected> expects) {
    /// Something that happens.
    ///
    /// @param atMillis when, in milliseconds since the story began
    public record Event(long atMillis, Happening happening) {}

    /// A signal that must follow.
    ///
    /// @param atMillis when, in milliseconds since the story began
    /// @param event three digits of the event table
    /// @param qualifier 1 for new or opening, 3 for restore or closing
    public record Expected(long atMillis, String event, char qualifier, int area, int zone) {
        /// What a signal would be as something expected.
        static Expected of(long atMillis, Signal signal) {
            return new Expected(atMillis, signal.event(), signal.qualifier().digit(), signal.area(), signal.zone());
        }
    }

    /// What became of a story on a panel.
    ///
    /// @param log everything the panel did
    /// @param differs what was sent and not expected, or expected and not sent, in words; empty when all is as
    ///     expected
    /// @param end how the panel stands at the end
    public record Outcome(List<Logged> log, List<String> differs, OperationState end) {
        public Outcome {
            log = List.copyOf(log);
            differs = List.copyOf(differs);
        }

        /// Whether everything was as expected.
        public boolean asExpected() {
            return differs.isEmpty();
        }
    }

    /// @throws IllegalArgumentException when it has no name, or time runs backwards in it
    public PanelCase {
        name = Require.text(name, "name of a case");
        about = about == null ? "" : about.strip();
        zones = zones == null ? Map.of() : Map.copyOf(zones);
        happens = List.copyOf(happens);
        expects = List.copyOf(expects);
        long last = 0;
        for (Event event : happens) {
            if (event.atMillis() < last) {
                throw new IllegalArgumentException(
                        "case \"" + name + "\": what happens is not in the order of time; sort it");
            }
            last = event.atMillis();
        }
        lastsMillis = Math.max(lastsMillis, last);
    }

    /// Runs it on a panel that is fresh. A step that the rules do not know, such as one for a zone that is off,
    /// does nothing.
    public Outcome on(OperationRules programmed) {
        OperationRules rules = rules(programmed);
        Operation operation = new Operation(rules);
        OperationState state = OperationState.fresh(rules);
        List<Logged> log = new ArrayList<>();
        for (Event event : happens) {
            Operation.Step step = operation.step(state, event.happening(), event.atMillis());
            log.addAll(step.log());
            state = step.state();
        }
        Operation.Step last = operation.step(state, new Happening.TimePasses(), lastsMillis);
        log.addAll(last.log());
        return new Outcome(log, differs(log), last.state());
    }

    /// What a panel goes by while this story is played on it.
    public OperationRules rules(OperationRules programmed) {
        return panel.on(programmed.with(zones));
    }

    /// The same story, in which exactly the signals of a log must follow.
    public PanelCase expecting(List<Logged> log) {
        return new PanelCase(name, about, panel, zones, happens, lastsMillis, sent(log));
    }

    /// What would be sent otherwise were the panel programmed otherwise, in words; empty when nothing would.
    public List<String> differsBetween(OperationRules now, OperationRules other) {
        return expecting(on(now).log()).on(other).differs();
    }

    private static List<Expected> sent(List<Logged> log) {
        return log.stream()
                .flatMap(line -> line.signal().stream().map(signal -> Expected.of(line.atMillis(), signal)))
                .toList();
    }

    private List<String> differs(List<Logged> log) {
        List<Expected> sent = sent(log);
        List<Expected> missing = new ArrayList<>(expects);
        List<Expected> more = new ArrayList<>();
        for (Expected each : sent) {
            if (!missing.remove(each)) {
                more.add(each);
            }
        }
        List<String> words = new ArrayList<>();
        missing.forEach(each -> words.add("expected and not sent: " + CaseWords.of(each)));
        more.forEach(each -> words.add("sent and not expected: " + CaseWords.of(each)));
        return words;
    }
}
