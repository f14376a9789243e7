package io.answerback.core.panel.operation;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.SortedSet;
import java.util.TreeSet;

/// How one area stands.
///
/// @param mode in which of the states there are
/// @param part whether it is set in part, or will be when the exit time ends
/// @param how by what it was set last
/// @param user who set it last
/// @param leftOut zones that are left out until it is unset
/// @param alarmed zones that alarmed since it was set
/// @param firstZone the zone whose alarm began the confirmation time; 0 for none
/// @param confirmed whether a second zone has confirmed the alarm
/// @param entryZone the zone that began the entry time; 0 for none
/// @param exitFault whether the entry time runs because somebody did not leave
/// @param exitDoor what the door on the way out has done while the exit time runs
/// @param resetDue whether an alarm was confirmed that others than a user have to reset before it is set again
@RecordBuilder
public record AreaState(
        AreaMode mode,
        boolean part,
        HowSet how,
        int user,
        SortedSet<Integer> leftOut,
        SortedSet<Integer> alarmed,
        int firstZone,
        boolean confirmed,
        int entryZone,
        boolean exitFault,
        ExitDoor exitDoor,
        boolean resetDue)
        implements AreaStateBuilder.With {
    /// What the door on the way out has done while the exit time runs.
    public enum ExitDoor {
        /// It was not shut yet.
        NOT_USED,
        /// It was shut.
        SHUT,
        /// It was opened again, and the exit time began again.
        OPENED_AGAIN
    }

    /// An area that nobody has set yet.
    public static final AreaState UNSET = standing(AreaMode.UNSET, false);

    /// An area that stands so, and of which nothing else is remembered.
    static AreaState standing(AreaMode mode, boolean part) {
        return new AreaState(
                mode,
                part,
                HowSet.CODE,
                0,
                Collections.emptySortedSet(),
                Collections.emptySortedSet(),
                0,
                false,
                0,
                false,
                ExitDoor.NOT_USED,
                false);
    }

    AreaState in(AreaMode other) {
        return withMode(other);
    }

    static AreaState leaving(HowSet how, int user, boolean part, SortedSet<Integer> out) {
        return standing(AreaMode.LEAVING, part)
                .with(draft -> draft.how(how).user(user).leftOut(out));
    }

    AreaState with(ExitDoor door) {
        return withExitDoor(door);
    }

    AreaState entered(int zone) {
        return with(draft -> {
            draft.mode(AreaMode.ENTERING);
            draft.entryZone(zone);
        });
    }

    AreaState faulty() {
        return with(draft -> {
            draft.mode(AreaMode.ENTERING);
            draft.exitFault(true);
        });
    }

    AreaState alarmed(int zone) {
        return with(draft -> {
            draft.mode(mode.watches() ? AreaMode.IN_ALARM : mode);
            draft.alarmed(with(alarmed, zone));
        });
    }

    AreaState confirmableAfter(int zone) {
        return withFirstZone(zone);
    }

    AreaState nowConfirmed() {
        return withConfirmed(true);
    }

    AreaState awaitsReset() {
        return withResetDue(true);
    }

    AreaState reset() {
        return withResetDue(false);
    }

    AreaState without(int zone) {
        return withLeftOut(with(leftOut, zone));
    }

    AreaState unset() {
        return standing(alarmed.isEmpty() ? AreaMode.UNSET : AreaMode.UNSET_AFTER_ALARM, false)
                .with(draft -> draft.how(how).user(user).alarmed(alarmed).resetDue(resetDue));
    }

    private static SortedSet<Integer> with(SortedSet<Integer> old, int zone) {
        SortedSet<Integer> more = new TreeSet<>(old);
        more.add(zone);
        return Collections.unmodifiableSortedSet(more);
    }
}
