package io.answerback.desktop.cable;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableInstallation;
import io.answerback.core.model.cable.CableInstallation.Progress;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.cable.ScreenEarth;
import io.answerback.core.model.common.FigureReader;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Edit;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.desktop.part.Check;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.WindowState;
import java.util.Arrays;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/// What can be changed about one cable, each value where it stands.
final class CableStrip {
    private final Actions actions;
    private final CableShelf shelf;

    CableStrip(Actions actions, CableShelf shelf) {
        this.actions = actions;
        this.shelf = shelf;
    }

    /// @param state what is shown: where several points are picked, their cables are changed with this one
    Group of(WindowState state, Cable cable, String where) {
        CableInstallation installation = cable.installation();
        PointId of = cable.ends().points().stream()
                .filter(state.selected()::equals)
                .findFirst()
                .orElse(null);
        Parts strip = Parts.flow(
                Words.of("finding-says", cable.id().text()),
                Words.quiet(where),
                Choice.of(
                        "Type of " + cable.id(),
                        shelf.types(),
                        installation.type().orElse(null),
                        "no type yet",
                        CableType::name,
                        type -> change("type", of, cable, its -> its.withType(type))),
                metres(of, cable),
                Choice.of(
                        "Progress of " + cable.id(),
                        Arrays.asList(Progress.values()),
                        installation.reached(),
                        Progress::words,
                        progress -> change("progress", of, cable, its -> its.withProgress(progress))),
                box(
                        "near end labelled",
                        installation.labelledHere(),
                        on -> change("label", of, cable, its -> its.withLabels(on, its.labelledThere()))),
                box(
                        "far end labelled",
                        installation.labelledThere(),
                        on -> change("label", of, cable, its -> its.withLabels(its.labelledHere(), on))),
                route(of, cable),
                box(
                        "outdoors",
                        installation.outdoors(),
                        on -> change("way", of, cable, its -> its.withRoute(its.route(), on, its.besideMains()))),
                box(
                        "beside mains",
                        installation.besideMains(),
                        on -> change("way", of, cable, its -> its.withRoute(its.route(), its.outdoors(), on))));
        if (installation.screened()) {
            strip.add(
                    Words.quiet("screen to earth"),
                    Choice.of(
                            "Screen of " + cable.id(),
                            Arrays.asList(ScreenEarth.values()),
                            installation.screen().orElse(null),
                            "not decided",
                            ScreenEarth::words,
                            screen -> change("screen", of, cable, its -> its.withScreen(screen))));
        }
        strip.style("picked-strip", "picked-part");
        return strip.group();
    }

    private boolean change(String what, PointId of, Cable cable, UnaryOperator<CableInstallation> change) {
        return apply(what + " of cables", of, cable, its -> CableEdits.installation(what, its.id(), change));
    }

    /// A change to this cable; where it goes to one of several points that are picked, to the cables of all of
    /// them.
    private boolean apply(String what, PointId of, Cable cable, Function<Cable, Edit> edit) {
        return of == null
                ? actions.apply(edit.apply(cable))
                : actions.applyToPicked(what, of, id -> id.equals(of) ? edit.apply(cable) : Edits.ofCableTo(id, edit));
    }

    private Value metres(PointId of, Cable cable) {
        return Value.of(
                "Length of " + cable.id(),
                cable.lengthKnown() ? Figures.plain(cable.metres()) + " m" : "no length yet",
                typed -> switch (FigureReader.read(typed, "cable length in metres")) {
                    case Typed.Read<Double>(Double metres) ->
                        apply("cable length", of, cable, its -> Edits.cableMetres(its.id(), metres));
                    case Typed.Refused<Double>(String why) -> {
                        actions.tell(why);
                        yield false;
                    }
                });
    }

    private Value route(PointId of, Cable cable) {
        String shown = cable.installation().route().isEmpty()
                ? "its way"
                : cable.installation().route();
        return Value.of(
                "Way of " + cable.id(),
                shown,
                typed -> change(
                        "way",
                        of,
                        cable,
                        its -> its.withRoute(typed.equals("its way") ? "" : typed, its.outdoors(), its.besideMains())));
    }

    private static Check box(String name, boolean on, Consumer<Boolean> turn) {
        return new Check(name, on, turn);
    }
}
