package io.answerback.desktop.cable;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.cable.CableFault;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.practice.JointKind;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Point;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cabling.CablingEdits;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.desktop.part.Check;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Focus;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;

/// Between what a cable runs, how its cores are used, and what was found of it; and the cables there are none
/// of yet.
final class EndsStrip {
    private static final String USUAL = "the box of its points' inputs";

    private final Actions actions;
    private final Conductor usual;

    /// @param usual the cores of a new cable, until its type is chosen
    EndsStrip(Actions actions, Conductor usual) {
        this.actions = actions;
        this.usual = usual;
    }

    /// What adds cables.
    Group more(WindowState state) {
        Job job = state.job();
        Parts row = Parts.flow(
                Tool.of(
                        "Cable to every module",
                        "a cable from the panel to each keypad, expander, communicator, supply, sounder and speaker without one",
                        () -> actions.apply(CablingEdits.toModules(usual))),
                pick(
                        "Cable to a module",
                        job.modules().stream().skip(1).toList(),
                        PanelModule::name,
                        module -> actions.apply(CablingEdits.add(CableEnds.toModule(module.id()), usual))));
        if (job.point(state.selected()).isPresent()) {
            row.add(Tool.of(
                    "Another cable to " + state.selected(),
                    "for the cores that the first has no room for",
                    () -> actions.apply(CablingEdits.add(CableEnds.toPoints(List.of(state.selected())), usual))));
        }
        row.style("switches");
        return row.group();
    }

    /// What changes one cable.
    Part of(WindowState state, Cable cable) {
        Parts ends = Parts.flow(Words.quiet("begins at"), begins(state.job(), cable));
        if (!cable.ends().points().isEmpty()) {
            ends.add(serves(state.job(), cable));
        }
        if (!(cable.ends().from().orElse(null) instanceof JointId)) {
            JointId joint = CablingEdits.freeJoint(state.job());
            ends.add(Tool.of(
                    "Joint box on its way",
                    "it begins at joint box %s, and another cable brings what it needs".formatted(joint),
                    () -> actions.apply(CablingEdits.throughJoint(List.of(cable.id()), joint, usual))));
        }
        ends.add(doubled(cable, "loop", CoreUse.LOOP), doubled(cable, "supply", CoreUse.SUPPLY));
        if (state.assessment().get(CorePlan.FACT).carries(cable, CoreUse.SPEAKER)) {
            ends.add(doubled(cable, "speaker", CoreUse.SPEAKER));
        }
        ends.add(Tool.of("Remove " + cable.id(), "take the cable away; undo brings it back", () -> {
            actions.focus(Focus.NONE);
            actions.apply(CablingEdits.remove(cable.id()));
        }));
        ends.add(found(cable));
        for (CableFault fault : CableFault.values()) {
            ends.add(box(
                    fault.words(),
                    cable.installation().asFound().faults().contains(fault),
                    seen -> actions.apply(CableEdits.fault(cable.id(), fault, seen))));
        }
        ends.style("picked-strip");
        return ends.group();
    }

    private Choice begins(Job job, Cable cable) {
        List<Optional<BoxId>> places = new ArrayList<>(List.of(Optional.empty()));
        Stream.concat(
                        job.modules().stream().<BoxId>map(PanelModule::id),
                        job.cables().stream().flatMap(other -> other.ends().joint().stream()))
                .distinct()
                .map(Optional::of)
                .filter(place -> !place.equals(cable.ends().farBox()))
                .forEach(places::add);
        return Choice.of(
                "Where %s begins".formatted(cable.id()),
                places,
                cable.ends().from(),
                place -> place.map(job::nameOf).orElse(USUAL),
                place ->
                        actions.apply(CablingEdits.ends(cable.id(), cable.ends().startingAt(place))));
    }

    private Choice serves(Job job, Cable cable) {
        return pick(
                "Serves also",
                job.points().stream()
                        .filter(point -> !cable.ends().serves(point.id()))
                        .toList(),
                EndsStrip::words,
                point -> actions.apply(CablingEdits.serveAlso(cable.id(), point.id())));
    }

    private static String words(Point point) {
        return point.id() + " " + point.name();
    }

    private Check doubled(Cable cable, String what, CoreUse use) {
        return box(
                what + " doubled",
                cable.installation().doubled().contains(use),
                twice -> actions.apply(CableEdits.installation(
                        what + " cores", cable.id(), installation -> installation.withDoubled(use, twice))));
    }

    private Part found(Cable cable) {
        List<Optional<JointKind>> kinds = Stream.concat(
                        Stream.of(Optional.<JointKind>empty()),
                        Arrays.stream(JointKind.values()).map(Optional::of))
                .toList();
        return Choice.of(
                "Joints of " + cable.id(),
                kinds,
                cable.installation().asFound().joints(),
                kind -> "joints " + kind.map(JointKind::words).orElse("as the house has them"),
                kind -> actions.apply(CableEdits.joints(cable.id(), kind)));
    }

    private static Check box(String name, boolean on, Consumer<Boolean> turn) {
        return new Check(name, on, turn);
    }

    private static <T> Choice pick(String name, List<T> options, Function<T, String> words, Consumer<T> take) {
        return Choice.of(name, options, null, name, words, take);
    }
}
