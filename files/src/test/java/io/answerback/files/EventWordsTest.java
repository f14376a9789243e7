package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.site.Job;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.core.prove.acceptance.LiveWalk;
import io.answerback.core.prove.acceptance.WalkNote;
import io.answerback.core.report.OperatorsList;
import io.answerback.core.report.message.SignalWords;
import io.answerback.core.signal.event.EventClass;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Numbered;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.FramePart;
import io.answerback.core.signal.format.ToneParts;
import io.answerback.files.demo.DemoJobs;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What the number in an event is the number of, and what its beginning and its end are called: on the operator's
/// line, in a message, in a frame, and on a walk.
class EventWordsTest {
    private final Job job = DemoJobs.job(1);
    private final EventTable events = DataFiles.events().in(Terms.of(job.practice()));
    private final OperatorsList list = new OperatorsList(job, events);

    private Signal signal(Qualifier qualifier, String event, int number) {
        return new Signal(job.areas().getFirst().account(), qualifier, event, 1, number);
    }

    @ParameterizedTest
    @CsvSource({
        "NEW, 130, 1, burglary · Office entrance",
        "RESTORE, 130, 1, 'burglary, restored · Office entrance'",
        "STILL_PRESENT, 130, 1, 'burglary, still present · Office entrance'",
        "NEW, 121, 2, duress · user 2",
        "NEW, 333, 1, module lost · module 1",
        "RESTORE, 333, 1, module back · module 1",
        "NEW, 401, 3, unset by user · user 3",
        "RESTORE, 401, 3, set by user · user 3",
        "NEW, 441, 3, unset from part set · user 3",
        "RESTORE, 441, 3, part set · user 3",
        "NEW, 570, 1, zone left out · Office entrance",
        "RESTORE, 570, 1, zone watched again · Office entrance",
        "NEW, 461, 3, wrong codes · user 3",
        "NEW, 301, 0, mains failed",
        "RESTORE, 301, 0, mains restored",
        "NEW, 602, 0, periodic test"
    })
    void theOperatorReadsWhoOrWhatItIs(Qualifier qualifier, String event, int number, String line) {
        assertThat(list.line(signal(qualifier, event, number))).isEqualTo(line);
    }

    @Test
    void onlyAZoneIsLookedForOnTheListOfZones() {
        assertThat(list.problems(signal(Qualifier.NEW, "130", 99))).isNotEmpty();
        for (String event : new String[] {"121", "333", "454", "458", "461"}) {
            assertThat(list.problems(signal(Qualifier.NEW, event, 99)))
                    .as(event)
                    .isEmpty();
        }
    }

    @Test
    void framesAndMessagesSayTheSame() {
        assertThat(ToneParts.of(signal(Qualifier.NEW, "121", 2), events))
                .extracting(FramePart::caption)
                .contains("duress", "user")
                .doesNotContain("zone");
        assertThat(SignalWords.of(signal(Qualifier.RESTORE, "401", 2), events)).isEqualTo("set by user");
        assertThat(SignalWords.of(signal(Qualifier.RESTORE, "130", 2), events)).isEqualTo("end of burglary");
    }

    @Test
    void noTemplateIsLeftInAnyWord() {
        for (EventClass row : DataFiles.events().rows()) {
            for (Qualifier qualifier : Qualifier.values()) {
                assertThat(list.line(signal(qualifier, row.code(), 1))).doesNotContain("{");
            }
        }
        assertThat(DataFiles.events().numbered("999")).isEqualTo(Numbered.ZONE);
    }

    /// What users do and modules suffer accuses no detector, whatever number it has.
    @ParameterizedTest
    @ValueSource(strings = {"406", "458", "459", "461", "403", "407", "454", "333", "121"})
    void aWalkAccusesNoDetectorOfWhatAUserDid(String event) {
        LiveWalk walk = LiveWalk.of(AcceptancePlan.of(job, DataFiles.events())).at(Optional.of("point:02"));
        WalkNote note = walk.arrives(signal(Qualifier.NEW, event, 3), 0).note();
        assertThat(note.kind())
                .isNotIn(WalkNote.Kind.WRONG_EVENT, WalkNote.Kind.WRONG_AREA, WalkNote.Kind.WRONG_NUMBER);
        assertThat(note.lineId().filter(id -> id.startsWith("point:"))).isEmpty();
    }
}
