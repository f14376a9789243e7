package io.answerback.core.prove.acceptance;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.site.Point;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationRules.AreaRule;
import io.answerback.core.report.answer.AnswerTimes;
import io.answerback.core.signal.event.Qualifier;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/// The lines of what is watched without anybody doing anything: silence at the station, the test message, wireless
/// devices, and the clock.
final class SupervisionLines {
    private static final Fact<Long> BY_RADIO = Fact.of(
            "points by radio",
            facts -> facts.points().stream()
                    .map(Point::kind)
                    .filter(PointKind::radio)
                    .count());

    private static final long SECOND = 1000;
    private static final long HOUR = 3600 * SECOND;
    private static final String PERIODIC_TEST = "602";

    private final Facts facts;
    private final OperationRules rules;
    private final List<AcceptanceLine> lines = new ArrayList<>();

    SupervisionLines(Facts facts) {
        this.facts = facts;
        this.rules = facts.of(OperationRules.FACT);
    }

    List<AcceptanceLine> lines() {
        if (!facts.communicator().paths().isEmpty()) {
            silence();
        }
        rules.firstAreaWithAccount()
                .filter(area -> rules.times().testMillis() > 0)
                .ifPresent(this::periodicTest);
        if (facts.of(BY_RADIO) > 0) {
            radio();
        }
        clock();
        return lines;
    }

    private void silence() {
        String within = AnswerTimes.silenceSeconds(facts)
                .map(seconds -> "within " + AnswerTimes.words(seconds * SECOND))
                .orElse("when the next test message is missing");
        add(AcceptanceLine.line("silence", LineSection.REPORTING, "The station notices that everything is cut")
                .order("Cut every path at once, and wait until the station rings")
                .seen("the station rings " + within)
                .bring("the telephone that the station rings")
                .because("Only the station can notice that every path was cut.")
                .rests(Map.of("noticed", within)));
    }

    private void periodicTest(AreaRule area) {
        long every = rules.times().testMillis();
        Expected test = new Expected(area.account(), Qualifier.NEW, PERIODIC_TEST, 0, 0);
        add(AcceptanceLine.line("periodic-test", LineSection.REPORTING, "The test message by itself")
                .order("Leave the site alone until its test message has come by itself")
                .onlyChosen()
                .expects(
                        List.of(test),
                        (int) (every / SECOND) + rules.manners().testSpreadSeconds() + SystemLines.answerSeconds(facts))
                .because("A test that somebody started does not show that the panel starts it by itself.")
                .rests(Map.of("account", area.account(), "every", every / HOUR + " h")));
    }

    private void radio() {
        add(AcceptanceLine.line("radio", LineSection.REPORTING, "Radio: a silent device, interference, a low battery")
                .order(
                        "Take the battery out of one wireless device until it is missed, then start the maker's own tests for interference and a low battery")
                .seen("it is missed within the time of the rules, and interference and a low battery are shown")
                .caution("Only the maker's own test: a jammer is against the law in most countries.")
                .because("A device that falls silent looks exactly like one at rest.")
                .rests(Map.of("points", facts.of(BY_RADIO).toString())));
    }

    private void clock() {
        add(AcceptanceLine.line("clock", LineSection.REPORTING, "The panel's clock")
                .order("Compare the clock of the panel with the time of day")
                .seen("it is right to the minute, and summer time is set")
                .because("Receivers refuse what comes at a wrong time, and a log with wrong times proves nothing.")
                .rests(Map.of()));
    }

    private void add(AcceptanceLine.Draft draft) {
        lines.add(draft.takes(3).made());
    }
}
