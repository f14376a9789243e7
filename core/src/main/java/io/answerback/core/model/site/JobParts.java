package io.answerback.core.model.site;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.common.Keyed;
import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.EndId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.profile.PanelProfile;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/// What must hold between the parts of a job. Lists that are in order are handed on as they are, so that an
/// edit keeps every list it does not touch.
final class JobParts {
    /// By what inputs and cables are looked up.
    static final Function<Input, List<PointId>> POINT_OF_INPUT =
            input -> input.pointId().map(List::of).orElse(List.of());
    static final Function<Cable, List<PointId>> POINTS_OF_CABLE =
            cable -> cable.ends().points();
    static final Function<Cable, List<EndId>> FAR_END_OF_CABLE =
            cable -> List.of(cable.ends().farEnd());
    static final Function<Cable, List<Optional<BoxId>>> BEGINNING_OF_CABLE =
            cable -> List.of(cable.ends().from());

    private JobParts() {}

    static void requireGiven(Site site, Practice practice, Panel panel, Communicator communicator) {
        Require.given(site, "site");
        Require.given(practice, "practice");
        Require.given(panel, "panel");
        Require.given(communicator, "communicator");
    }

    /// The inputs there are, without those that nothing uses any longer.
    static Keyed<Input> used(List<Input> inputs, List<PanelModule> modules, PanelProfile profile) {
        return Keyed.of(
                withoutUnusedRadio(withoutUnusedSeconds(inputs), modules, profile), Input::id, "inputs", "input");
    }

    /// Everything that must hold between points, modules, cables and inputs.
    static void require(
            Keyed<Point> points,
            List<Measurement> measurements,
            Keyed<PanelModule> modules,
            Keyed<Cable> cables,
            Keyed<Input> inputs) {
        requirePoints(points, measurements);
        requireDifferentNames(modules);
        requireCableEnds(cables, points, modules);
        requireInputs(inputs, points, modules);
    }

    private static void requirePoints(Keyed<Point> points, List<Measurement> measurements) {
        points.checkAgainst(List.of(measurements), () -> {
            requireNoSystemPoint(points);
            measurements.forEach(made -> refersTo(points, made.pointId(), "a measurement was made at"));
        });
    }

    private static void requireInputs(Keyed<Input> inputs, Keyed<Point> points, Keyed<PanelModule> modules) {
        inputs.checkAgainst(List.of(points, modules), () -> {
            requireOneInputEach(inputs);
            inputs.forEach(input -> input.pointId().ifPresent(id -> refersTo(points, id, "an input serves")));
            inputs.forEach(input -> requireModule(modules, input));
            requireShared(inputs);
        });
    }

    private static void requireModule(Keyed<PanelModule> modules, Input input) {
        if (!modules.has(input.module())) {
            throw new IllegalArgumentException(
                    Text.of("input %s is on module %s, which is not in the job", input.id(), input.module()));
        }
    }

    /// Two modules of one name could not be told apart on screen, on paper and on the wall.
    private static void requireDifferentNames(List<PanelModule> modules) {
        Set<String> names = new HashSet<>();
        for (PanelModule module : modules) {
            if (!names.add(module.name())) {
                throw new IllegalArgumentException(
                        Text.of("two modules are called %s; give one of them another name", module.name()));
            }
        }
    }

    /// Proofs and findings of the points every panel has go by their ids.
    private static void requireNoSystemPoint(List<Point> points) {
        for (Point point : points) {
            if (SystemPoint.of(point.id()).isPresent()) {
                throw new IllegalArgumentException(
                        Text.of("point %s has the id of a point every panel has; give it a number", point.id()));
            }
        }
    }

    /// The second zone of an input is there as long as a point uses it.
    private static List<Input> withoutUnusedSeconds(List<Input> inputs) {
        boolean unused = Require.given(inputs, "inputs").stream().anyMatch(JobParts::unusedSecond);
        return unused ? inputs.stream().filter(input -> !unusedSecond(input)).toList() : inputs;
    }

    /// A place that is heard by radio is there as long as a point uses it.
    private static List<Input> withoutUnusedRadio(List<Input> inputs, List<PanelModule> modules, PanelProfile profile) {
        boolean unused = inputs.stream().anyMatch(input -> unusedRadio(input, modules, profile));
        return unused
                ? inputs.stream()
                        .filter(input -> !unusedRadio(input, modules, profile))
                        .toList()
                : inputs;
    }

    private static boolean unusedRadio(Input input, List<PanelModule> modules, PanelProfile profile) {
        return input.pointId().isEmpty()
                && !input.second()
                && profile.radio().isPresent()
                && modules.stream()
                        .filter(module -> module.id().equals(input.module()))
                        .findFirst()
                        .flatMap(module -> profile.module(module.kindId()))
                        .filter(kind -> kind.byRadio(input.number()))
                        .isPresent();
    }

    private static boolean unusedSecond(Input input) {
        return input.second() && input.pointId().isEmpty();
    }

    private static void requireShared(List<Input> inputs) {
        Set<InputId> own = new HashSet<>(
                inputs.stream().filter(input -> !input.second()).map(Input::id).toList());
        Set<InputId> shared = new HashSet<>();
        for (Input input : inputs) {
            input.shares().filter(id -> !own.contains(id)).ifPresent(id -> {
                throw new IllegalArgumentException(Text.of(
                        "input %s shares the terminals of %s, which is no input with terminals of its own",
                        input.id(), id));
            });
            input.shares().filter(id -> !shared.add(id)).ifPresent(id -> {
                throw new IllegalArgumentException(Text.of("input %s is shared more than once; it has two zones", id));
            });
        }
    }

    static Stream<Input> usedInputs(List<Input> inputs) {
        return inputs.stream().filter(input -> input.pointId().isPresent());
    }

    private static void requireCableEnds(Keyed<Cable> cables, Keyed<Point> points, Keyed<PanelModule> modules) {
        cables.checkEachAgainst(List.of(points, modules), cable -> requireEnds(cable, points, modules));
    }

    private static void requireEnds(Cable cable, Keyed<Point> points, Keyed<PanelModule> modules) {
        CableEnds ends = cable.ends();
        ends.points().forEach(id -> refersTo(points, id, "a cable goes to"));
        if (ends.module().isPresent() && !modules.has(ends.module().get())) {
            throw new IllegalArgumentException(Text.of(
                    "cable %s goes to module %s, which is not in the job",
                    cable.id(), ends.module().get()));
        }
        if (ends.from().orElse(null) instanceof ModuleId from && !modules.has(from)) {
            throw new IllegalArgumentException(
                    Text.of("cable %s begins at module %s, which is not in the job", cable.id(), from));
        }
    }

    private static void requireOneInputEach(List<Input> inputs) {
        Set<PointId> seen = new HashSet<>();
        usedInputs(inputs).map(input -> input.pointId().orElseThrow()).forEach(id -> {
            if (!seen.add(id)) {
                throw new IllegalArgumentException(Text.of("input of point %s is there twice; keep one", id));
            }
        });
    }

    private static void refersTo(Keyed<Point> points, PointId id, String what) {
        if (!points.has(id)) {
            throw new IllegalArgumentException(what + " point " + id + ", which is not in the job");
        }
    }
}
