package io.answerback.core.site;

import io.answerback.core.cable.Cable;
import io.answerback.core.cable.CableEnds;
import io.answerback.core.common.Keyed;
import io.answerback.core.common.Require;
import io.answerback.core.common.Text;
import io.answerback.core.profile.PanelProfile;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/// What must hold between the parts of a job. Lists that are in order are handed on as they are, so that an
/// edit keeps every list it does not touch.
final class JobParts {
    private JobParts() {}

    static void requireModules(Keyed<PanelModule> modules, List<Input> inputs) {
        for (Input input : inputs) {
            if (!modules.has(input.module())) {
                throw new IllegalArgumentException(
                        Text.of("input %s is on module %s, which is not in the job", input.id(), input.module()));
            }
        }
    }

    /// Loads, cables and findings name points and modules side by side: one name means one of them.
    static void requireDifferentNames(List<PanelModule> modules, Keyed<Point> points) {
        for (PanelModule module : modules) {
            if (points.has(module.name())) {
                throw new IllegalArgumentException(
                        Text.of("module %s has the number of a point; name it otherwise", module.name()));
            }
        }
    }

    /// The second zone of an input is there as long as a point uses it.
    static List<Input> withoutUnusedSeconds(List<Input> inputs) {
        boolean unused = Require.given(inputs, "inputs").stream().anyMatch(JobParts::unusedSecond);
        return unused ? inputs.stream().filter(input -> !unusedSecond(input)).toList() : inputs;
    }

    /// A place that is heard by radio is there as long as a point uses it.
    static List<Input> withoutUnusedRadio(List<Input> inputs, List<PanelModule> modules, PanelProfile profile) {
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
                        .filter(module -> module.name().equals(input.module()))
                        .findFirst()
                        .flatMap(module -> profile.module(module.kindId()))
                        .filter(kind -> kind.byRadio(input.number()))
                        .isPresent();
    }

    private static boolean unusedSecond(Input input) {
        return input.second() && input.pointId().isEmpty();
    }

    static void requireShared(List<Input> inputs) {
        Set<String> own = new HashSet<>(
                inputs.stream().filter(input -> !input.second()).map(Input::id).toList());
        Set<String> shared = new HashSet<>();
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

    static void requireReceivers(Communicator communicator, List<Receiver> receivers) {
        Set<String> known = new HashSet<>(receivers.stream().map(Receiver::id).toList());
        for (String id : communicator.ip().receiverIds()) {
            if (!known.contains(id)) {
                throw new IllegalArgumentException("the IP route uses receiver " + id + ", which is not in the job");
            }
        }
    }

    static Stream<Input> usedInputs(List<Input> inputs) {
        return inputs.stream().filter(input -> input.pointId().isPresent());
    }

    static void requireCableEnds(List<Cable> cables, Keyed<Point> points, Keyed<PanelModule> modules) {
        for (Cable cable : cables) {
            CableEnds ends = cable.ends();
            for (String id : ends.points()) {
                refersTo(points, id, "a cable goes to");
            }
            if (!ends.module().isEmpty() && !modules.has(ends.module())) {
                throw new IllegalArgumentException(
                        Text.of("cable %s goes to module %s, which is not in the job", cable.id(), ends.module()));
            }
            if (!ends.joint().isEmpty() && modules.has(ends.joint())) {
                throw new IllegalArgumentException(
                        Text.of("joint box %s has the name of a module; name it otherwise", ends.joint()));
            }
        }
    }

    static void requireOneInputEach(List<Input> inputs) {
        Set<String> seen = new HashSet<>();
        usedInputs(inputs).map(input -> input.pointId().orElseThrow()).forEach(id -> {
            if (!seen.add(id)) {
                throw new IllegalArgumentException(Text.of("input of point %s is there twice; keep one", id));
            }
        });
    }

    static void refersTo(Keyed<Point> points, String id, String what) {
        if (!points.has(id)) {
            throw new IllegalArgumentException(what + " point " + id + ", which is not in the job");
        }
    }
}
