package io.answerback.core.shown;

import io.answerback.core.id.PointId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/// How far the acceptance of a site has come.
///
/// @param showings what was shown; at most one of a line in each way
/// @param onTest whether the account is on test; empty when it is not
public record Acceptance(List<Showing> showings, Optional<OnTest> onTest) {
    /// Nothing was shown yet.
    public static final Acceptance NOTHING = new Acceptance(List.of(), Optional.empty());

    public Acceptance {
        showings = List.copyOf(showings == null ? List.of() : showings);
        onTest = onTest == null ? Optional.empty() : onTest;
    }

    /// What was shown of a line, each way once.
    public List<Showing> of(String lineId) {
        return showings.stream().filter(its -> its.lineId().equals(lineId)).toList();
    }

    /// The same with something shown, in place of what was shown of that line in that way.
    public Acceptance with(Showing showing) {
        List<Showing> more = new ArrayList<>(without(showing.lineId(), showing.way()).showings);
        more.add(showing);
        return new Acceptance(more, onTest);
    }

    /// The same without what was shown of a line in a way.
    public Acceptance without(String lineId, Showing.Way way) {
        return new Acceptance(
                showings.stream()
                        .filter(its -> !its.lineId().equals(lineId) || its.way() != way)
                        .toList(),
                onTest);
    }

    /// The same with the account on test, or off.
    public Acceptance withOnTest(Optional<OnTest> other) {
        return new Acceptance(showings, other);
    }

    /// The same with points under other numbers; the line of a point ends in its number.
    public Acceptance withPoints(UnaryOperator<PointId> renamed) {
        return new Acceptance(
                showings.stream()
                        .map(showing -> showing.withLineId(renamed(showing.lineId(), renamed)))
                        .toList(),
                onTest);
    }

    private static String renamed(String lineId, UnaryOperator<PointId> renamed) {
        for (String prefix : List.of(LineIds.POINT, LineIds.TAMPER, LineIds.ENTRY)) {
            if (lineId.startsWith(prefix)) {
                return prefix + renamed.apply(new PointId(lineId.substring(prefix.length())));
            }
        }
        return lineId;
    }
}
