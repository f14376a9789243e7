package io.answerback.desktop.loop;

import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.core.model.site.Point;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.WindowState;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// How a loop is put together, chosen where it is shown: its scheme, the place of its resistor, and the point
/// that shares its input.
final class LoopChoices {
    private final Actions actions;

    LoopChoices(Actions actions) {
        this.actions = actions;
    }

    Group of(WindowState state) {
        WiredPoint wired = state.point().wired().orElseThrow();
        LoopWiring wiring = wired.point().loop();
        PointId point = wired.point().id();
        Parts row = Parts.flow();
        row.style("switches");
        row.add(Choice.of(
                "Scheme",
                Arrays.asList(SchemeKind.values()),
                wiring.scheme(),
                scheme -> words(scheme, wired),
                chosen -> actions.applyToPicked("scheme", point, id -> LoopEdits.schemeOfWired(id, chosen))));
        if (wiring.scheme().hasEndOfLine()) {
            row.add(
                    Words.quiet("resistor"),
                    Choice.of(
                            "Place of the resistor",
                            Arrays.asList(ResistorPlace.values()),
                            wiring.place(),
                            ResistorPlace::words,
                            chosen -> actions.applyToPicked(
                                    "resistor's place",
                                    point,
                                    id -> LoopEdits.parts("resistor's place", id, its -> its.withPlace(chosen)))));
        }
        if (wired.point().kind().powering().isPresent() && !wired.point().kind().twoWire()) {
            row.add(supplyRelay(point, wiring));
        }
        if (wiring.scheme().twoZones()) {
            row.add(secondZone(state.job(), wired));
        }
        return row.group();
    }

    private Part supplyRelay(PointId point, LoopWiring wiring) {
        return Switch.bare(
                "Relay that watches the supply",
                List.of(false, true),
                wiring.supplyRelay(),
                fitted -> fitted ? "with a supply-watching relay" : "no supply-watching relay",
                fitted -> actions.applyToPicked(
                        "supply-watching relay",
                        point,
                        id -> LoopEdits.parts("supply-watching relay", id, its -> its.withSupplyRelay(fitted))));
    }

    private static String words(SchemeKind scheme, WiredPoint wired) {
        return wired.model().reads(scheme).isPresent()
                ? scheme.words()
                : scheme.words() + " · this input cannot read it";
    }

    private List<Part> secondZone(Job job, WiredPoint wired) {
        Point point = wired.point();
        if (wired.second()) {
            String owner = job.loopOwner(point.id())
                    .map(its -> its.id() + " " + its.name())
                    .orElse("nothing");
            return List.of(Words.quiet("second zone of " + owner));
        }
        if (wired.input().isEmpty()) {
            return List.of(Words.quiet("its input can be shared once it has one"));
        }
        List<Point> others = job.points().stream()
                .filter(other -> !other.id().equals(point.id()))
                .toList();
        Optional<Point> second = job.inputs().stream()
                .filter(input -> input.shares().equals(wired.input().map(its -> its.id())))
                .flatMap(input -> input.pointId().stream())
                .flatMap(id -> job.point(id).stream())
                .findFirst();
        return List.of(
                Words.quiet("second zone"),
                Choice.of(
                        "Point on the second zone",
                        others,
                        second.orElse(null),
                        other -> other.id() + " " + other.name(),
                        chosen -> actions.apply(LoopEdits.shareInput(chosen.id(), point.id()))));
    }
}
