package io.answerback.core.panel.operation;

import java.util.Collections;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Consumer;

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
        boolean resetDue) {
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

    /// The same in the making, one field after the other.
    private static final class Draft {
        private AreaMode mode;
        private SortedSet<Integer> leftOut;
        private SortedSet<Integer> alarmed;
        private int firstZone;
        private boolean confirmed;
        private int entryZone;
        private boolean exitFault;
        private ExitDoor exitDoor;
        private boolean resetDue;

        Draft(AreaState from) {
            mode = from.mode;
            leftOut = from.leftOut;
            alarmed = from.alarmed;
            firstZone = from.firstZone;
            confirmed = from.confirmed;
            entryZone = from.entryZone;
            exitFault = from.exitFault;
            exitDoor = from.exitDoor;
            resetDue = from.resetDue;
        }

        AreaState made(boolean part, HowSet how, int user) {
            return new AreaState(
                    mode, part, how, user, leftOut, alarmed, firstZone, confirmed, entryZone, exitFault, exitDoor,
                    resetDue);
        }
    }

    private AreaState with(Consumer<Draft> change) {
        Draft draft = new Draft(this);
        change.accept(draft);
        return draft.made(part, how, user);
    }

    AreaState in(AreaMode other) {
        return with(draft -> draft.mode = other);
    }

    static AreaState leaving(HowSet how, int user, boolean part, SortedSet<Integer> out) {
        Draft draft = new Draft(standing(AreaMode.LEAVING, part));
        draft.leftOut = out;
        return draft.made(part, how, user);
    }

    AreaState with(ExitDoor door) {
        return with(draft -> draft.exitDoor = door);
    }

    AreaState entered(int zone) {
        return with(draft -> {
            draft.mode = AreaMode.ENTERING;
            draft.entryZone = zone;
        });
    }

    AreaState faulty() {
        return with(draft -> {
            draft.mode = AreaMode.ENTERING;
            draft.exitFault = true;
        });
    }

    AreaState alarmed(int zone) {
        return with(draft -> {
            draft.mode = mode.watches() ? AreaMode.IN_ALARM : mode;
            draft.alarmed = with(alarmed, zone);
        });
    }

    AreaState confirmableAfter(int zone) {
        return with(draft -> draft.firstZone = zone);
    }

    AreaState nowConfirmed() {
        return with(draft -> draft.confirmed = true);
    }

    AreaState awaitsReset() {
        return with(draft -> draft.resetDue = true);
    }

    AreaState reset() {
        return with(draft -> draft.resetDue = false);
    }

    AreaState without(int zone) {
        return with(draft -> draft.leftOut = with(leftOut, zone));
    }

    AreaState unset() {
        Draft draft = new Draft(standing(alarmed.isEmpty() ? AreaMode.UNSET : AreaMode.UNSET_AFTER_ALARM, false));
        draft.alarmed = alarmed;
        draft.resetDue = resetDue;
        return draft.made(false, how, user);
    }

    private static SortedSet<Integer> with(SortedSet<Integer> old, int zone) {
        SortedSet<Integer> more = new TreeSet<>(old);
        more.add(zone);
        return Collections.unmodifiableSortedSet(more);
    }
}
