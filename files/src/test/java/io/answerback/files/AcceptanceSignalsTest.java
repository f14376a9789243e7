package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.site.Link;
import io.answerback.core.prove.acceptance.LiveWalk;
import io.answerback.core.prove.acceptance.WalkNote;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// What the signals of a real communicator tick, and what they say of a mistake.
class AcceptanceSignalsTest extends PlannedAcceptance {
    private static Signal signal(Qualifier qualifier, String event, int area, int zone) {
        return new Signal("7316", qualifier, event, area, zone);
    }

    @Test
    void signalsTickTheirLinesAndARestoreCompletesThem() {
        LiveWalk walk = LiveWalk.of(PLAN);
        LiveWalk.Step came = walk.arrives(signal(Qualifier.NEW, "130", 2, 15), 0);
        assertThat(came.note().kind()).isEqualTo(WalkNote.Kind.BEGUN);
        assertThat(came.walk().overdue(60_000)).isEmpty();
        LiveWalk.Step late = came.walk().overdue(60_001).orElseThrow();
        assertThat(late.note().kind()).isEqualTo(WalkNote.Kind.NO_RESTORE);
        assertThat(late.walk().overdue(90_000)).isEmpty();
        LiveWalk.Step done = late.walk().arrives(signal(Qualifier.RESTORE, "130", 2, 15), 95_000);
        assertThat(done.note().kind()).isEqualTo(WalkNote.Kind.SHOWN);
        assertThat(done.walk().shown()).containsExactly("point:07");
        assertThat(done.walk()
                        .arrives(signal(Qualifier.NEW, "130", 2, 15), 96_000)
                        .note()
                        .kind())
                .isEqualTo(WalkNote.Kind.AGAIN);
    }

    @Test
    void whatIsWrongIsNamedWithTheLinkAndTheEntryToType() {
        LiveWalk walk = LiveWalk.of(PLAN);
        WalkNote area = walk.arrives(signal(Qualifier.NEW, "130", 1, 15), 0).note();
        assertThat(area.kind()).isEqualTo(WalkNote.Kind.WRONG_AREA);
        assertThat(area.lineId()).contains("point:07");
        assertThat(area.why()).isEqualTo("Zone 15 is in area 01 in the panel. The plan has it in 02.");
        assertThat(area.entry()).contains(Decision.ZONE_AREA);
        WalkNote event = walk.arrives(signal(Qualifier.NEW, "132", 2, 15), 0).note();
        assertThat(event.kind()).isEqualTo(WalkNote.Kind.WRONG_EVENT);
        assertThat(event.entry()).contains(Decision.ZONE_BEHAVIOUR);
        WalkNote account =
                walk.arrives(new Signal("9999", Qualifier.NEW, "130", 2, 15), 0).note();
        assertThat(account.kind()).isEqualTo(WalkNote.Kind.WRONG_ACCOUNT);
        assertThat(account.says()).isEqualTo("Account 9999, planned 7316");
        WalkNote number = walk.at(Optional.of("point:07"))
                .arrives(signal(Qualifier.NEW, "130", 2, 47), 0)
                .note();
        assertThat(number.kind()).isEqualTo(WalkNote.Kind.WRONG_NUMBER);
        assertThat(number.link()).contains(Link.INPUT);
        assertThat(walk.arrives(signal(Qualifier.NEW, "151", 2, 88), 0).note().kind())
                .isEqualTo(WalkNote.Kind.UNKNOWN);
        assertThat(walk.arrives(signal(Qualifier.NEW, "603", 0, 0), 0).note().kind())
                .isEqualTo(WalkNote.Kind.TRAFFIC);
    }

    @Test
    void twoDevicesThatAreSwappedAreFoundAtTheSecond() {
        Signal seven = signal(Qualifier.NEW, "130", 2, 15);
        Signal six = signal(Qualifier.NEW, "130", 2, 14);
        LiveWalk.Step first = LiveWalk.of(PLAN).at(Optional.of("point:06")).arrives(seven, 0);
        assertThat(first.note().kind()).isEqualTo(WalkNote.Kind.OTHER_DEVICE);
        assertThat(first.walk().shown()).isEmpty();
        LiveWalk.Step second = first.walk().at(Optional.of("point:07")).arrives(six, 30_000);
        assertThat(second.note().kind()).isEqualTo(WalkNote.Kind.SWAPPED);
        assertThat(second.note().says()).isEqualTo("07 Dock roller door 2 and 06 Dock roller door 1 are swapped");
    }

    @Test
    void aTestTicksNoPathUnlessSomebodySaysWhichItCameBy() {
        Signal test = signal(Qualifier.NEW, "602", 0, 0);
        LiveWalk.Step untold = LiveWalk.of(PLAN).arrives(test, 0);
        assertThat(untold.note().kind()).isEqualTo(WalkNote.Kind.TRAFFIC);
        assertThat(untold.note().says()).contains("fits several lines");
        assertThat(untold.walk().shown()).isEmpty();
        LiveWalk.Step told = LiveWalk.of(PLAN).at(Optional.of("path:CELLULAR")).arrives(test, 0);
        assertThat(told.walk().shown()).containsExactly("path:CELLULAR");
    }

    @Test
    void partSettingIsNotTakenForSetting() {
        LiveWalk.Step part = LiveWalk.of(PLAN).arrives(signal(Qualifier.RESTORE, "441", 2, 1), 0);
        assertThat(part.walk().begun()).containsOnlyKeys("part:2");
        LiveWalk.Step unset = part.walk().arrives(signal(Qualifier.NEW, "401", 2, 1), 60_000);
        assertThat(unset.walk().shown()).containsExactly("part:2");
    }
}
