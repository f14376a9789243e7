package io.answerback.desktop.power;

import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.FaultOutput;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.survey.capacity.FaultPoint;
import io.answerback.core.survey.capacity.SupplyWatchEdits;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.WindowState;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// The fault outputs of a supply that stands elsewhere, each with the point that tells the panel of it.
final class FaultOutputsPart {
    private final Actions actions;
    private final FaultPoint faultPoint;

    FaultOutputsPart(Actions actions, FaultPoint faultPoint) {
        this.actions = actions;
        this.faultPoint = faultPoint;
    }

    /// Empty for a supply without such outputs.
    Optional<Part> of(WindowState state, SupplyState supply) {
        List<FaultOutput> outputs = supply.unit().faultOutputs();
        if (outputs.isEmpty()) {
            return Optional.empty();
        }
        Grid.Filling table = Grid.filling("table", "load-table");
        outputs.forEach(output -> table.line(output.terminal(), row(state.job(), supply.module(), output)));
        return Optional.of(Group.column(
                        Words.section(
                                "Who hears of its faults",
                                "each output on an input of the panel, as a point of its own"),
                        table.grid())
                .style("gaps"));
    }

    private List<Part> row(Job job, ModuleId module, FaultOutput output) {
        Optional<Point> watch = job.power().watch(module, output.fault()).flatMap(job::point);
        List<Optional<Point>> choice = Stream.concat(
                        Stream.of(Optional.<Point>empty()), technical(job).map(Optional::of))
                .toList();
        return List.of(
                Words.figure(output.terminal()),
                Words.quiet(output.fault().words()),
                Choice.of(
                        "Point for " + output.fault().words(),
                        choice,
                        watch,
                        FaultOutputsPart::words,
                        chosen -> actions.apply(
                                SupplyWatchEdits.watchedBy(module, output.fault(), chosen.map(Point::id)))),
                Words.quiet(watch.flatMap(point -> job.inputOf(point.id()))
                        .map(input -> "on " + job.nameOf(input))
                        .orElse(watch.isPresent() ? "no input is free" : "")),
                watch.isPresent()
                        ? Tool.of(
                                "Go to it",
                                "shows the point",
                                () -> actions.select(watch.get().id()))
                        : Tool.of(
                                "New point",
                                "adds a point for it, on a free input",
                                () -> actions.apply(faultPoint.watching(module, output.fault()))));
    }

    /// The points a contact of equipment comes to.
    private Stream<Point> technical(Job job) {
        return job.points().stream().filter(point -> point.kind().equals(faultPoint.kind()));
    }

    private static String words(Optional<Point> point) {
        return point.map(its -> its.id() + " " + its.name()).orElse("no point");
    }
}
