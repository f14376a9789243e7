package io.answerback.core.operation;

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
        boolean exitFault) {
    /// An area that nobody has set yet.
    public static final AreaState UNSET = new AreaState(
            AreaMode.UNSET,
            false,
            HowSet.CODE,
            0,
            Collections.emptySortedSet(),
            Collections.emptySortedSet(),
            0,
            false,
            0,
            false);

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
                false);
    }

    AreaState in(AreaMode other) {
        return new AreaState(other, part, how, user, leftOut, alarmed, firstZone, confirmed, entryZone, exitFault);
    }

    static AreaState leaving(HowSet how, int user, boolean part, SortedSet<Integer> out) {
        return new AreaState(AreaMode.LEAVING, part, how, user, out, Collections.emptySortedSet(), 0, false, 0, false);
    }

    AreaState entered(int zone) {
        return new AreaState(
                AreaMode.ENTERING, part, how, user, leftOut, alarmed, firstZone, confirmed, zone, exitFault);
    }

    AreaState faulty() {
        return new AreaState(
                AreaMode.ENTERING, part, how, user, leftOut, alarmed, firstZone, confirmed, entryZone, true);
    }

    AreaState alarmed(int zone) {
        return new AreaState(
                mode.watches() ? AreaMode.IN_ALARM : mode,
                part,
                how,
                user,
                leftOut,
                with(alarmed, zone),
                firstZone,
                confirmed,
                entryZone,
                exitFault);
    }

    AreaState confirmableAfter(int zone) {
        return new AreaState(mode, part, how, user, leftOut, alarmed, zone, confirmed, entryZone, exitFault);
    }

    AreaState nowConfirmed() {
        return new AreaState(mode, part, how, user, leftOut, alarmed, firstZone, true, entryZone, exitFault);
    }

    AreaState without(int zone) {
        return new AreaState(
                mode, part, how, user, with(leftOut, zone), alarmed, firstZone, confirmed, entryZone, exitFault);
    }

    AreaState unset() {
        return new AreaState(
                alarmed.isEmpty() ? AreaMode.UNSET : AreaMode.UNSET_AFTER_ALARM,
                false,
                how,
                user,
                Collections.emptySortedSet(),
                alarmed,
                0,
                false,
                0,
                false);
    }

    private static SortedSet<Integer> with(SortedSet<Integer> old, int zone) {
        SortedSet<Integer> more = new TreeSet<>(old);
        more.add(zone);
        return Collections.unmodifiableSortedSet(more);
    }
}
