package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.engine.edit.AcceptanceEdits;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.shown.LineFigure;
import io.answerback.core.model.shown.Measured;
import io.answerback.core.model.shown.Showing;
import io.answerback.core.model.shown.Showing.Way;
import io.answerback.core.model.site.Job;
import io.answerback.core.prove.acceptance.AcceptanceLine;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.core.prove.acceptance.LineState;
import io.answerback.core.prove.acceptance.Wanted;
import io.answerback.files.demo.DemoJobs;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/// What was shown of the first demo: what was measured is judged, and a change makes stale what rests on it.
class ShownLinesTest {
    private static final Job JOB = DemoJobs.job(1);
    private static final Instant AT = Instant.parse("2026-06-02T10:00:00Z");

    private static List<LineState> states(Job job) {
        return AcceptancePlan.of(job, DataFiles.events()).lines().stream()
                .map(line -> LineState.of(line, job))
                .toList();
    }

    private static LineState state(Job job, String id) {
        return states(job).stream()
                .filter(state -> state.line().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Job byHand(String id, Measured... figures) {
        AcceptanceLine line = state(JOB, id).line();
        return AcceptanceEdits.shown(
                        new Showing(id, Way.HAND, "jk", AT, "", line.basis()).withMeasured(List.of(figures)))
                .on(JOB);
    }

    @Test
    void thirteenLinesOfTheDemoAreShown() {
        assertThat(states(JOB)).filteredOn(LineState::shown).hasSize(13);
        assertThat(state(JOB, "point:09").stale()).containsExactly("Loop: cable length: 48 m, now 62 m");
    }

    @Test
    void aWayInMustNotTakeLongerThanItsEntryTime() {
        String wayIn = states(JOB).stream()
                .map(state -> state.line().id())
                .filter(id -> id.startsWith("way-in:"))
                .findFirst()
                .orElseThrow();
        assertThat(state(byHand(wayIn, new Measured(LineFigure.SECONDS, 21.4)), wayIn)
                        .shown())
                .isTrue();
        LineState slow = state(byHand(wayIn, new Measured(LineFigure.SECONDS, 31)), wayIn);
        assertThat(slow.shown()).isFalse();
        assertThat(slow.problems()).containsExactly("31 s, at most 30 s");
        assertThat(state(byHand(wayIn), wayIn).problems()).containsExactly("no s written down");
    }

    @Test
    void howLoudIsAFigureWithItsDistance() {
        String speaker = states(JOB).stream()
                .map(state -> state.line().id())
                .filter(id -> id.startsWith("speaker:"))
                .findFirst()
                .orElseThrow();
        assertThat(state(byHand(speaker, new Measured(LineFigure.DECIBELS, 96)), speaker)
                        .problems())
                .containsExactly("no m written down");
        List<Measured> figures = List.of(new Measured(LineFigure.DECIBELS, 104), new Measured(LineFigure.METRES, 3));
        // 20 · lg 3 = 9.54 dB
        assertThat(Wanted.decibelsAtOneMetre(figures).orElseThrow()).isCloseTo(113.54, within(0.01));
        assertThatThrownBy(() -> new Measured(LineFigure.DECIBELS, 0)).hasMessageContaining("decibels");
    }

    @Test
    void theVoltsUnderLoadMayBeUnknown() {
        assertThat(state(byHand("mains"), "mains").shown()).isTrue();
        assertThat(state(byHand("mains", new Measured(LineFigure.VOLTS, 12.41)), "mains")
                        .best()
                        .orElseThrow()
                        .measured())
                .extracting(Measured::words)
                .containsExactly("12.41 V");
    }

    /// Every line is shown; then a cable is found to be longer.
    @Test
    void aChangedCableMakesExactlyItsOwnLinesStale() {
        Job all = JOB;
        for (LineState state : states(JOB)) {
            AcceptanceLine line = state.line();
            List<Measured> figures = new ArrayList<>();
            line.wants()
                    .forEach(wanted ->
                            figures.add(new Measured(wanted.of(), line.id().endsWith(":soft") ? 6 : 10)));
            all = AcceptanceEdits.shown(
                            new Showing(line.id(), Way.LIVE, "jk", AT, "", line.basis()).withMeasured(figures))
                    .on(all);
        }
        assertThat(states(all))
                .filteredOn(state -> !state.shown())
                .as("what can never arrive is not shown, whatever somebody says")
                .extracting(state -> state.line().id())
                .containsExactlyInAnyOrder("point:15", "point:20");
        Job longer = Edits.cableMetres(new CableId("C-17"), 120).on(all);
        assertThat(states(longer))
                .filteredOn(state -> !state.stale().isEmpty())
                .extracting(state -> state.line().id())
                .containsExactlyInAnyOrder("point:07", "cover:07");
        assertThat(state(longer, "point:07").stale()).hasSizeGreaterThan(0).allMatch(why -> why.startsWith("Loop: "));
    }
}
