package io.answerback.core.model.cable;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.practice.CoreUse;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// How a cable is laid, and how far the work on it has come.
///
/// @param type what it is; empty while that is not decided
/// @param route where it runs, in a few words; may be empty
/// @param outdoors whether any of it is rained or shone on
/// @param besideMains whether any of it shares its way with mains
/// @param labelledHere whether it is labelled at its near end
/// @param labelledThere whether it is labelled at its far end
/// @param inRing whether the tamper ring is joined through it, where it should be
/// @param doubled the uses for which two cores are taken as one, to halve their resistance
/// @param progress how far the work on it has come
/// @param terminated the ends of its cores that were put in place, the first first
/// @param asFound what was found otherwise than planned
/// @param screen at which ends its screen goes to earth; empty while that is not decided
@RecordBuilder
public record CableInstallation(
        Optional<CableType> type,
        String route,
        boolean outdoors,
        boolean besideMains,
        boolean labelledHere,
        boolean labelledThere,
        boolean inRing,
        Set<CoreUse> doubled,
        Progress progress,
        List<TerminatedCore> terminated,
        AsFound asFound,
        Optional<ScreenEarth> screen)
        implements CableInstallationBuilder.With {
    private static final Set<CoreUse> MAY_BE_DOUBLED =
            EnumSet.of(CoreUse.LOOP, CoreUse.TAMPER, CoreUse.SUPPLY, CoreUse.SPEAKER);

    /// A cable on the drawing board: nothing decided, nothing done, to be joined into the ring.
    public static final CableInstallation PLANNED = CableInstallationBuilder.builder()
            .inRing(true)
            .progress(Progress.PLANNED)
            .build();

    /// How far the work on a cable has come.
    public enum Progress {
        /// On paper.
        PLANNED("planned"),
        /// In place, its ends loose.
        RUN("run"),
        /// In place, with a label at each end.
        LABELLED("labelled"),
        /// Its cores under their terminals at both ends.
        TERMINATED("terminated"),
        /// Measured, and found as computed.
        TESTED("tested");

        private final String words;

        Progress(String words) {
            this.words = words;
        }

        /// How far, in plain words.
        public String words() {
            return words;
        }
    }

    /// @throws IllegalArgumentException when the progress is missing, or a use is doubled that never is
    public CableInstallation {
        type = type == null ? Optional.empty() : type;
        route = route == null ? "" : route.strip();
        Set<CoreUse> twice = EnumSet.noneOf(CoreUse.class);
        twice.addAll(doubled == null ? Set.of() : doubled);
        if (!MAY_BE_DOUBLED.containsAll(twice)) {
            throw new IllegalArgumentException("only loop, tamper, supply and speaker cores can be doubled");
        }
        doubled = Collections.unmodifiableSet(twice);
        Require.given(progress, "progress of a cable");
        terminated = List.copyOf(terminated == null ? List.of() : terminated);
        asFound = asFound == null ? AsFound.NOTHING : asFound;
        screen = screen == null ? Optional.empty() : screen;
    }

    /// How far the work has come, where a cable that is run counts as labelled once both its labels are on.
    public Progress reached() {
        return progress == Progress.RUN && labelledHere && labelledThere ? Progress.LABELLED : progress;
    }

    /// The same run of another type.
    public CableInstallation withType(CableType other) {
        return withType(Optional.of(other));
    }

    /// The same cable by another way.
    public CableInstallation withRoute(String other, boolean otherOutdoors, boolean otherBesideMains) {
        return with(draft -> {
            draft.route(other);
            draft.outdoors(otherOutdoors);
            draft.besideMains(otherBesideMains);
        });
    }

    /// The same cable with its labels on or off.
    public CableInstallation withLabels(boolean here, boolean there) {
        return with(draft -> {
            draft.labelledHere(here);
            draft.labelledThere(there);
        });
    }

    /// The same cable with two cores taken as one for a use, or one again.
    public CableInstallation withDoubled(CoreUse use, boolean twice) {
        return with(draft -> {
            Set<CoreUse> other = EnumSet.noneOf(CoreUse.class);
            other.addAll(doubled);
            if (twice) {
                other.add(use);
            } else {
                other.remove(use);
            }
            draft.doubled(other);
        });
    }

    /// The same cable, the work on it come another way. What is said to be labelled has both its labels.
    public CableInstallation withProgress(Progress other) {
        return with(draft -> {
            draft.progress(other);
            if (other == Progress.LABELLED) {
                draft.labelledHere(true);
                draft.labelledThere(true);
            }
        });
    }

    /// The same cable with its screen to earth at other ends.
    public CableInstallation withScreen(ScreenEarth other) {
        return withScreen(Optional.of(other));
    }

    /// Whether it has a screen.
    public boolean screened() {
        return type.filter(CableType::screened).isPresent();
    }

    /// The same cable with an end of a core put in place; one that was somewhere else is moved.
    public CableInstallation withTerminated(TerminatedCore core) {
        List<TerminatedCore> others = new ArrayList<>(without(core.end(), core.colour()));
        others.add(core);
        return withTerminated(others);
    }

    /// The same cable with an end of a core taken out of its place again.
    public CableInstallation withLifted(CableEnd end, String colour) {
        return withTerminated(without(end, colour));
    }

    private List<TerminatedCore> without(CableEnd end, String colour) {
        return terminated.stream().filter(core -> !core.is(end, colour)).toList();
    }

    /// Where an end of a core was put; empty while it is loose.
    public Optional<TerminatedCore> terminated(CableEnd end, String colour) {
        for (TerminatedCore core : terminated) {
            if (core.is(end, colour)) {
                return Optional.of(core);
            }
        }
        return Optional.empty();
    }
}
