package io.answerback.desktop.cable;

import io.answerback.core.cable.Cable;
import io.answerback.core.cable.CableEnds;
import io.answerback.core.cable.CableFault;
import io.answerback.core.cabling.CableEdits;
import io.answerback.core.edit.CablingEdits;
import io.answerback.core.id.BoxId;
import io.answerback.core.id.JointId;
import io.answerback.core.practice.CoreUse;
import io.answerback.core.practice.JointKind;
import io.answerback.core.profile.Conductor;
import io.answerback.core.site.Job;
import io.answerback.core.site.PanelModule;
import io.answerback.core.site.Point;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.work.Focus;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.MenuButton;

/// Between what a cable runs, how its cores are used, and what was found of it; and the cables there are none
/// of yet.
final class EndsStrip {
    private static final String USUAL = "the box of its points' inputs";

    private final OpenJob openJob;
    private final Conductor usual;

    /// @param usual the cores of a new cable, until its type is chosen
    EndsStrip(OpenJob openJob, Conductor usual) {
        this.openJob = openJob;
        this.usual = usual;
    }

    /// What adds cables.
    Flow more(WindowState state) {
        Job job = state.job();
        Flow row = new Flow(
                Tool.of(
                        "Cable to every module",
                        "a cable from the panel to each keypad, expander, communicator, supply, sounder and speaker without one",
                        () -> openJob.apply(CablingEdits.toModules(usual))),
                pick(
                        "Cable to a module",
                        job.modules().stream().skip(1).toList(),
                        PanelModule::name,
                        module -> openJob.apply(CablingEdits.add(CableEnds.toModule(module.id()), usual))));
        if (job.point(state.selected()).isPresent()) {
            row.getChildren()
                    .add(Tool.of(
                            "Another cable to " + state.selected(),
                            "for the cores that the first has no room for",
                            () -> openJob.apply(
                                    CablingEdits.add(CableEnds.toPoints(List.of(state.selected())), usual))));
        }
        row.getStyleClass().add("switches");
        return row;
    }

    /// What changes one cable.
    Node of(WindowState state, Cable cable) {
        Flow ends = new Flow(Words.quiet("begins at"), begins(state.job(), cable));
        if (!cable.ends().points().isEmpty()) {
            ends.getChildren().add(serves(state.job(), cable));
        }
        if (!(cable.ends().from().orElse(null) instanceof JointId)) {
            JointId joint = CablingEdits.freeJoint(state.job());
            ends.getChildren()
                    .add(Tool.of(
                            "Joint box on its way",
                            "it begins at joint box %s, and another cable brings what it needs".formatted(joint),
                            () -> openJob.apply(CablingEdits.throughJoint(List.of(cable.id()), joint, usual))));
        }
        ends.getChildren().addAll(doubled(cable, "loop", CoreUse.LOOP), doubled(cable, "supply", CoreUse.SUPPLY));
        ends.getChildren().add(Tool.of("Remove " + cable.id(), "take the cable away; undo brings it back", () -> {
            openJob.focus(Focus.NONE);
            openJob.apply(CablingEdits.remove(cable.id()));
        }));
        ends.getChildren().add(found(cable));
        for (CableFault fault : CableFault.values()) {
            ends.getChildren()
                    .add(box(
                            fault.words(),
                            cable.installation().asFound().faults().contains(fault),
                            seen -> openJob.apply(CableEdits.fault(cable.id(), fault, seen))));
        }
        ends.getStyleClass().add("picked-strip");
        return ends;
    }

    private MenuButton begins(Job job, Cable cable) {
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
                        openJob.apply(CablingEdits.ends(cable.id(), cable.ends().startingAt(place))));
    }

    private MenuButton serves(Job job, Cable cable) {
        return pick(
                "Serves also",
                job.points().stream()
                        .filter(point -> !cable.ends().serves(point.id()))
                        .toList(),
                EndsStrip::words,
                point -> openJob.apply(CablingEdits.serveAlso(cable.id(), point.id())));
    }

    private static String words(Point point) {
        return point.id() + " " + point.name();
    }

    private CheckBox doubled(Cable cable, String what, CoreUse use) {
        return box(
                what + " doubled",
                cable.installation().doubled().contains(use),
                twice -> openJob.apply(CableEdits.installation(
                        what + " cores", cable.id(), installation -> installation.withDoubled(use, twice))));
    }

    private Node found(Cable cable) {
        List<Optional<JointKind>> kinds = Stream.concat(
                        Stream.of(Optional.<JointKind>empty()),
                        Arrays.stream(JointKind.values()).map(Optional::of))
                .toList();
        return Choice.of(
                "Joints of " + cable.id(),
                kinds,
                cable.installation().asFound().joints(),
                kind -> "joints " + kind.map(JointKind::words).orElse("as the house has them"),
                kind -> openJob.apply(CableEdits.joints(cable.id(), kind)));
    }

    private static CheckBox box(String name, boolean on, java.util.function.Consumer<Boolean> turn) {
        CheckBox box = new CheckBox(name);
        box.setSelected(on);
        box.setOnAction(click -> turn.accept(box.isSelected()));
        return box;
    }

    private static <T> MenuButton pick(String name, List<T> options, Function<T, String> words, Consumer<T> take) {
        return Choice.of(name, options, null, name, words, take);
    }
}
