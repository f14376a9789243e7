package io.answerback.desktop.cable;

import io.answerback.core.cable.Cable;
import io.answerback.core.cable.CableInstallation;
import io.answerback.core.cable.CableInstallation.Progress;
import io.answerback.core.cable.CableType;
import io.answerback.core.cabling.CableEdits;
import io.answerback.core.common.FigureReader;
import io.answerback.core.common.Figures;
import io.answerback.core.edit.Edits;
import io.answerback.desktop.part.Check;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.util.Arrays;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

/// What can be changed about one cable, each value where it stands.
final class CableStrip {
    private final Actions actions;
    private final CableShelf shelf;

    CableStrip(Actions actions, CableShelf shelf) {
        this.actions = actions;
        this.shelf = shelf;
    }

    Group of(Cable cable, String where) {
        CableInstallation installation = cable.installation();
        Parts strip = Parts.flow(
                Words.of("finding-says", cable.id().text()),
                Words.quiet(where),
                Choice.of(
                        "Type of " + cable.id(),
                        shelf.types(),
                        installation.type().orElse(null),
                        "no type yet",
                        CableType::name,
                        type -> change("type", cable, its -> its.withType(type))),
                metres(cable),
                Choice.of(
                        "Progress of " + cable.id(),
                        Arrays.asList(Progress.values()),
                        installation.reached(),
                        Progress::words,
                        progress -> change("progress", cable, its -> its.withProgress(progress))),
                box(
                        "near end labelled",
                        installation.labelledHere(),
                        on -> change("label", cable, its -> its.withLabels(on, its.labelledThere()))),
                box(
                        "far end labelled",
                        installation.labelledThere(),
                        on -> change("label", cable, its -> its.withLabels(its.labelledHere(), on))),
                route(cable),
                box(
                        "outdoors",
                        installation.outdoors(),
                        on -> change("way", cable, its -> its.withRoute(its.route(), on, its.besideMains()))),
                box(
                        "beside mains",
                        installation.besideMains(),
                        on -> change("way", cable, its -> its.withRoute(its.route(), its.outdoors(), on))));
        strip.style("picked-strip", "picked-part");
        return strip.group();
    }

    private boolean change(String what, Cable cable, UnaryOperator<CableInstallation> change) {
        return actions.apply(CableEdits.installation(what, cable.id(), change));
    }

    private Value metres(Cable cable) {
        return Value.of(
                "Length of " + cable.id(),
                Figures.plain(cable.metres()) + " m",
                typed -> actions.apply(FigureReader.read(typed, "cable length in metres")
                        .then(metres -> Edits.cableMetres(cable.id(), metres))));
    }

    private Value route(Cable cable) {
        String shown = cable.installation().route().isEmpty()
                ? "its way"
                : cable.installation().route();
        return Value.of(
                "Way of " + cable.id(),
                shown,
                typed -> change(
                        "way",
                        cable,
                        its -> its.withRoute(typed.equals("its way") ? "" : typed, its.outdoors(), its.besideMains())));
    }

    private static Check box(String name, boolean on, Consumer<Boolean> turn) {
        return new Check(name, on, turn);
    }
}
