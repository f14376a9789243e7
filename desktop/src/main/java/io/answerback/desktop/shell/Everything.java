package io.answerback.desktop.shell;

import io.answerback.core.assess.StopProgress;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.id.EndId;
import io.answerback.core.model.site.Job;
import io.answerback.core.setup.SetupState;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.core.wiring.cores.TerminationWords;
import io.answerback.desktop.find.Hit;
import io.answerback.desktop.work.Focus;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.SurveySheet;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// Everything on a job that can be found, each with what it is and how to get there.
final class Everything {
    private final OpenJob openJob;
    private final List<Command> commands;
    private final List<SheetPlace> sheets;

    Everything(OpenJob openJob, List<Command> commands, List<SheetPlace> sheets) {
        this.sheets = sheets;
        this.openJob = openJob;
        this.commands = commands;
    }

    /// Points first, then what is done, then the rest in the order of work.
    Stream<Hit> of() {
        return Stream.of(
                        points(),
                        sheets(),
                        commands(),
                        modules(),
                        cables(),
                        terminals(),
                        inputs(),
                        settings(),
                        people(),
                        receivers(),
                        findings())
                .flatMap(hits -> hits);
    }

    private Job job() {
        return openJob.now().job();
    }

    private Stream<Hit> points() {
        return openJob.now().assessment().points().stream()
                .map(point -> new Hit(
                        point.wired().isPresent() ? point.pointId() + " " + point.name() : point.name(),
                        "point",
                        () -> openJob.select(point.pointId())));
    }

    private Stream<Hit> commands() {
        return commands.stream()
                .map(command -> new Hit(
                        command.name(),
                        command.key()
                                .map(key -> "command, " + key.getDisplayText())
                                .orElse("command"),
                        command.words(),
                        command.action()));
    }

    private Stream<Hit> sheets() {
        return sheets.stream()
                .map(sheet -> new Hit(sheet.title(), "sheet of " + sheet.stop(), sheet.words(), sheet.open()));
    }

    /// All that is not done, in the order of work: how far each stop has come, then what is wrong or tight there.
    Stream<Hit> next() {
        return Arrays.stream(Stop.values()).flatMap(stop -> Stream.concat(progress(stop), findings(stop)));
    }

    private Stream<Hit> progress(Stop stop) {
        StopProgress progress = openJob.now().assessment().progress(stop);
        return progress.done() >= progress.of()
                ? Stream.empty()
                : Stream.of(new Hit(
                        "%s: %d of %d done".formatted(stop.title(), progress.done(), progress.of()),
                        "stop " + stop.number(),
                        () -> openJob.go(stop)));
    }

    private Stream<Hit> findings(Stop stop) {
        return openJob.now().assessment().findings().stream()
                .filter(finding -> finding.stop() == stop && finding.grade() != Grade.NOTE)
                .sorted(Comparator.comparing(finding -> finding.grade() != Grade.WRONG))
                .map(finding -> new Hit(
                        finding.headline(),
                        stop.title() + ", " + finding.grade().word(),
                        finding.remedy(),
                        () -> openJob.follow(finding)));
    }

    private Stream<Hit> modules() {
        return job().modules().stream()
                .map(module -> new Hit(
                        module.name(),
                        "module"
                                + job().kindOf(module)
                                        .map(kind -> ", " + kind.name())
                                        .orElse(""),
                        () -> module(module.id())));
    }

    /// To its box where cables come to it, else to the inventory.
    private void module(EndId module) {
        if (openJob.now().assessment().get(CorePlan.FACT).at(module).isPresent()) {
            openJob.go(Stop.CABLE);
            openJob.focus(Focus.on(module));
        } else {
            openJob.open(SurveySheet.INPUTS);
        }
    }

    private Stream<Hit> cables() {
        return job().cables().stream()
                .map(cable -> new Hit(
                        cable.id().text(),
                        "cable to "
                                + openJob.now().assessment().get(CorePlan.FACT).farEnd(cable),
                        () -> {
                            openJob.go(Stop.CABLE);
                            openJob.focus(cable, CableEnd.NEAR, "");
                        }));
    }

    private Stream<Hit> terminals() {
        return openJob.now().assessment().get(CorePlan.FACT).boxes().stream().flatMap(this::terminals);
    }

    /// The terminals of a box under which cores belong; a hit goes to the first cable there.
    private Stream<Hit> terminals(BoxPlan box) {
        return IntStream.range(0, box.strip().size())
                .boxed()
                .flatMap(i -> box.under(i).stream()
                        .findFirst()
                        .flatMap(end -> box.cable(end.cableId()))
                        .map(cable -> new Hit(
                                "%s of %s".formatted(TerminationWords.terminal(box.strip(), i), box.title()),
                                "terminal, " + cable.cable().id(),
                                () -> {
                                    openJob.go(Stop.CABLE);
                                    openJob.focus(cable.cable(), cable.end(), "");
                                }))
                        .stream());
    }

    private Stream<Hit> inputs() {
        return job().inputs().stream()
                .flatMap(input -> input
                        .pointId()
                        .map(point -> new Hit(
                                job().nameOf(input),
                                "input, zone %02d".formatted(input.zone()),
                                () -> openJob.select(point)))
                        .stream());
    }

    /// Every entry of the run sheet, by what it means and by what the panel calls it.
    private Stream<Hit> settings() {
        return openJob.now().assessment().get(SetupState.FACT).sheet().steps().stream()
                .map(step -> new Hit(
                        step.of().isEmpty() ? step.intent() : step.intent() + ", " + step.of(),
                        "setting, "
                                + String.join(
                                        " › ",
                                        Stream.concat(
                                                        step.where().stream(),
                                                        Stream.of(step.setting().name()))
                                                .distinct()
                                                .toList()),
                        () -> openJob.go(Stop.SET_UP)));
    }

    private Stream<Hit> people() {
        Stream<Hit> users = job().setup().users().stream()
                .map(user -> new Hit(
                        user.title(), "person, user %02d".formatted(user.number()), () -> openJob.go(Stop.SET_UP)));
        Stream<Hit> told = job().communicator().people().stream()
                .map(person -> new Hit(person.name(), "person, told of events", () -> openJob.go(Stop.REPORT)));
        return Stream.concat(users, told);
    }

    private Stream<Hit> receivers() {
        return job().receivers().stream()
                .map(receiver -> new Hit(
                        receiver.name(),
                        "receiver, " + receiver.format().words()
                                + (receiver.reachable() ? " · " + receiver.address() : ""),
                        () -> {
                            openJob.focus(Focus.on(receiver.id()));
                            openJob.go(Stop.REPORT);
                        }));
    }

    private Stream<Hit> findings() {
        return openJob.now().assessment().findings().stream()
                .map(finding -> new Hit(
                        finding.headline(), "finding, " + finding.grade().word(), () -> openJob.follow(finding)));
    }
}
