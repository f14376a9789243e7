package io.answerback.core.model.shown;

import io.answerback.core.model.id.PointId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/// How far the acceptance of a site has come.
///
/// @param showings what was shown; at most one of a line in each way
/// @param onTest whether the account is on test; empty when it is not
/// @param found what live walks found wrong and no line has shown to be right since; at most one standing of a line
@RecordBuilder
public record Acceptance(List<Showing> showings, Optional<OnTest> onTest, List<FoundOnWalk> found)
        implements AcceptanceBuilder.With {
    /// Nothing was shown yet.
    public static final Acceptance NOTHING = new Acceptance(List.of(), Optional.empty(), List.of());

    public Acceptance {
        showings = List.copyOf(showings == null ? List.of() : showings);
        onTest = onTest == null ? Optional.empty() : onTest;
        found = List.copyOf(found == null ? List.of() : found);
    }

    /// What was shown of a line, each way once.
    public List<Showing> of(String lineId) {
        return showings.stream().filter(its -> its.lineId().equals(lineId)).toList();
    }

    /// Whether a walk found just this before, and it stands: found again, it is nothing new.
    public boolean knows(FoundOnWalk other) {
        return found.stream()
                .anyMatch(its -> its.stands() && its.same(other) && its.says().equals(other.says()));
    }

    /// What a walk found of a line and nothing was done about yet.
    public Optional<FoundOnWalk> standing(String lineId) {
        return found.stream()
                .filter(its -> its.stands() && its.lineId().equals(lineId))
                .findFirst();
    }

    /// The same with something shown, in place of what was shown of that line in that way. Shown on the real
    /// panel, it settles what a walk found of that line before.
    public Acceptance with(Showing showing) {
        List<Showing> more = new ArrayList<>(without(showing.lineId(), showing.way()).showings);
        more.add(showing);
        List<FoundOnWalk> left = showing.way() == Showing.Way.MODEL
                ? found
                : found.stream()
                        .filter(its -> !its.stands() || !its.lineId().equals(showing.lineId()))
                        .toList();
        return new Acceptance(more, onTest, left);
    }

    /// The same without what was shown of a line in a way.
    public Acceptance without(String lineId, Showing.Way way) {
        return new Acceptance(
                showings.stream()
                        .filter(its -> !its.lineId().equals(lineId) || its.way() != way)
                        .toList(),
                onTest,
                found);
    }

    /// The same with something that a walk found, in place of what was found of that line before.
    public Acceptance with(FoundOnWalk other) {
        List<FoundOnWalk> more = new ArrayList<>(
                found.stream().filter(its -> !its.stands() || !its.same(other)).toList());
        more.add(other);
        return new Acceptance(showings, onTest, more);
    }

    /// The same with what a walk found dismissed.
    ///
    /// @param reason why
    /// @throws IllegalArgumentException when no reason is given
    public Acceptance dismissing(FoundOnWalk its, String reason) {
        FoundOnWalk dismissed = its.dismissedBecause(reason);
        return new Acceptance(
                showings,
                onTest,
                found.stream()
                        .map(other -> other.equals(its) ? dismissed : other)
                        .toList());
    }

    /// The same with points under other numbers; the line of a point ends in its number.
    public Acceptance withPoints(UnaryOperator<PointId> renamed) {
        return new Acceptance(
                showings.stream()
                        .map(showing -> showing.withLineId(renamed(showing.lineId(), renamed)))
                        .toList(),
                onTest,
                found.stream()
                        .map(its -> its.withLineId(renamed(its.lineId(), renamed)))
                        .toList());
    }

    private static String renamed(String lineId, UnaryOperator<PointId> renamed) {
        return Stream.of(LineIds.POINT, LineIds.TAMPER, LineIds.MASK, LineIds.ENTRY)
                .filter(lineId::startsWith)
                .findFirst()
                .map(prefix -> prefix + renamed.apply(new PointId(lineId.substring(prefix.length()))))
                .orElse(lineId);
    }
}
