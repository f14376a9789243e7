package io.answerback.desktop.cable;

import io.answerback.core.cable.Cable;
import io.answerback.core.cable.CableInstallation;
import io.answerback.core.cable.CableInstallation.Progress;
import io.answerback.core.cable.CableType;
import io.answerback.core.cabling.CableEdits;
import io.answerback.core.common.FigureReader;
import io.answerback.core.common.Figures;
import io.answerback.core.edit.Edits;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.ValueField;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.work.OpenJob;
import java.util.Arrays;
import java.util.function.UnaryOperator;
import javafx.scene.control.CheckBox;

/// What can be changed about one cable, each value where it stands.
final class CableStrip {
    private final OpenJob openJob;
    private final CableShelf shelf;

    CableStrip(OpenJob openJob, CableShelf shelf) {
        this.openJob = openJob;
        this.shelf = shelf;
    }

    Flow of(Cable cable, String where) {
        CableInstallation installation = cable.installation();
        Flow strip = new Flow(
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
        strip.getStyleClass().addAll("picked-strip", "picked-part");
        return strip;
    }

    private boolean change(String what, Cable cable, UnaryOperator<CableInstallation> change) {
        return openJob.apply(CableEdits.installation(what, cable.id(), change));
    }

    private ValueField metres(Cable cable) {
        return new ValueField(
                "Length of " + cable.id(),
                Figures.plain(cable.metres()) + " m",
                typed -> openJob.apply(FigureReader.read(typed, "cable length in metres")
                        .then(metres -> Edits.cableMetres(cable.id(), metres))));
    }

    private ValueField route(Cable cable) {
        String shown = cable.installation().route().isEmpty()
                ? "its way"
                : cable.installation().route();
        return new ValueField(
                "Way of " + cable.id(),
                shown,
                typed -> change(
                        "way",
                        cable,
                        its -> its.withRoute(typed.equals("its way") ? "" : typed, its.outdoors(), its.besideMains())));
    }

    private static CheckBox box(String name, boolean on, java.util.function.Consumer<Boolean> turn) {
        CheckBox box = new CheckBox(name);
        box.setSelected(on);
        box.setOnAction(click -> turn.accept(box.isSelected()));
        return box;
    }
}
