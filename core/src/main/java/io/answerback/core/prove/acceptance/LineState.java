package io.answerback.core.prove.acceptance;

import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.shown.FoundOnWalk;
import io.answerback.core.model.shown.LineIds;
import io.answerback.core.model.shown.Showing;
import io.answerback.core.model.site.Parts;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Stream;

/// How a line stands: whether it was shown, how, and whether that still holds.
///
/// @param line the line
/// @param best what was shown of it that counts most: live before by hand before in the model; empty while
///     nothing was
/// @param stale everything that has changed upstream since, in words; empty where all is as it was
/// @param problems what is wrong with what was measured, in words; empty where nothing is
/// @param found what a live walk found wrong with it, while that stands
public record LineState(
        AcceptanceLine line,
        Optional<Showing> best,
        List<String> stale,
        List<String> problems,
        Optional<FoundOnWalk> found) {
    /// Two levels of a sounder differ by more than a meter is off by.
    private static final double LEAST_DECIBELS = 1;

    public LineState {
        problems = List.copyOf(problems);
        stale = List.copyOf(stale);
    }

    /// How a line stands with what was shown on a job. A point that the practice station answered was shown in the
    /// model.
    public static LineState of(AcceptanceLine line, Parts job) {
        return of(
                line,
                new ShownOfLine(job.acceptance().of(line.id()), job.acceptance().standing(line.id())),
                job);
    }

    static LineState of(AcceptanceLine line, Facts facts) {
        return of(line, facts.of(ShownOfLine.FACT, line.id()), facts);
    }

    private static LineState of(AcceptanceLine line, ShownOfLine known, Parts job) {
        List<Showing> shown = Stream.concat(known.showings().stream(), answered(line, job).stream())
                .toList();
        Optional<Showing> best = Optional.empty();
        for (Showing.Way way : List.of(Showing.Way.LIVE, Showing.Way.HAND, Showing.Way.MODEL)) {
            best = best.or(() -> shown.stream().filter(its -> its.way() == way).findFirst());
        }
        return new LineState(
                line,
                best,
                best.map(its -> changed(its.basis(), line.basis())).orElse(List.of()),
                best.map(its -> problems(line, its, job)).orElse(List.of()),
                known.found());
    }

    private static List<String> problems(AcceptanceLine line, Showing showing, Parts job) {
        return Stream.concat(
                        line.wants().stream().flatMap(wanted -> wanted.problems(showing).stream()),
                        asLoudAsAnother(line, showing, job))
                .toList();
    }

    /// A sounder that is as loud on one setting of its link as on another was not set, or not measured, twice.
    private static Stream<String> asLoudAsAnother(AcceptanceLine line, Showing showing, Parts job) {
        Optional<Double> level = Wanted.decibelsAtOneMetre(showing.measured());
        int of = line.id().lastIndexOf(':') + 1;
        if (level.isEmpty() || !line.id().startsWith(LineIds.SOUNDER)) {
            return Stream.empty();
        }
        return job.acceptance().showings().stream()
                .filter(other -> !other.lineId().equals(line.id()))
                .filter(other -> other.lineId().startsWith(line.id().substring(0, of)))
                .filter(other -> Wanted.decibelsAtOneMetre(other.measured())
                        .filter(its -> Math.abs(its - level.get()) < LEAST_DECIBELS)
                        .isPresent())
                .map(other -> Text.of("as loud as on %s", other.lineId().substring(of)))
                .distinct();
    }

    private static Optional<Showing> answered(AcceptanceLine line, Parts job) {
        return line.point()
                .filter(id -> line.id().equals(LineIds.POINT + id))
                .flatMap(job::proofOf)
                .filter(proof -> proof.restoredAt().isPresent())
                .map(proof -> new Showing(
                        line.id(),
                        Showing.Way.MODEL,
                        proof.station(),
                        proof.answeredAt(),
                        proof.frame(),
                        DeviceLines.flat(proof.upstream())));
    }

    private static List<String> changed(Map<String, String> before, Map<String, String> now) {
        TreeSet<String> names = new TreeSet<>(before.keySet());
        names.addAll(now.keySet());
        List<String> changed = new ArrayList<>();
        for (String name : names) {
            String was = before.getOrDefault(name, "nothing");
            String is = now.getOrDefault(name, "nothing");
            if (!was.equals(is)) {
                changed.add(Text.of("%s: %s, now %s", name, was, is));
            }
        }
        return changed;
    }

    /// Whether it counts as shown on the real panel: live or by hand, what was measured is within its
    /// bounds, nothing changed since, and no live walk found
    /// anything wrong with it since. What the model showed proves only the programming as it is planned.
    public boolean shown() {
        return best.filter(its -> its.way() != Showing.Way.MODEL).isPresent()
                && line.possible()
                && stale.isEmpty()
                && problems.isEmpty()
                && found.isEmpty();
    }
}
