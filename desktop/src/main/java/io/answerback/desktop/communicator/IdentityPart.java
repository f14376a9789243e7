package io.answerback.desktop.communicator;

import io.answerback.core.engine.edit.UnitEdits;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.unit.SimCard;
import io.answerback.core.model.unit.Unit;
import io.answerback.desktop.part.Check;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Photo;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.WindowState;
import io.answerback.files.record.Photographs;
import java.nio.file.Path;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What tells a communicator from others, its SIM, its signal, and how far it has been put to work.
final class IdentityPart {
    private static final double PHOTO_WIDTH = 320;

    private final Actions actions;
    private final SignalPart signal;
    private final Runnable choosePhoto;

    IdentityPart(Actions actions, InstantSource clock, Runnable choosePhoto) {
        this.actions = actions;
        this.signal = new SignalPart(actions, clock);
        this.choosePhoto = choosePhoto;
    }

    List<Part> parts(WindowState state, Unit unit) {
        Job job = state.job();
        List<Part> parts = new ArrayList<>();
        parts.add(Words.section("Numbers", "read before the lid closes"));
        parts.add(numbers(unit));
        parts.add(label(state, unit));
        if (overAir(job, unit)) {
            parts.add(Words.section("SIM", "").style("section-ruled"));
            parts.add(sim(unit.sim().orElse(SimCard.UNKNOWN), job));
            parts.add(Words.section("Signal", "as the communicator shows it").style("section-ruled"));
            parts.addAll(signal.parts(job, unit));
        }
        parts.add(Words.section("In service", "").style("section-ruled"));
        parts.add(service(job, unit));
        return parts;
    }

    private static boolean overAir(Job job, Unit unit) {
        return unit.sim().isPresent()
                || !unit.profile().module().radioBand().isEmpty()
                || job.communicator().path(PathKind.CELLULAR).isPresent();
    }

    private Part numbers(Unit unit) {
        SettingTable table = new SettingTable();
        table.text(
                "Hardware number",
                unit.identity().hardwareNumber(),
                typed -> actions.apply(UnitEdits.identity("hardware number", its -> its.withHardwareNumber(typed))));
        table.text(
                "Firmware",
                unit.identity().firmware(),
                typed -> actions.apply(UnitEdits.identity("firmware", its -> its.withFirmware(typed))));
        return table.grid();
    }

    private Part label(WindowState state, Unit unit) {
        String name = unit.identity().label();
        Optional<Path> job = state.file();
        if (name.isEmpty() || job.isEmpty()) {
            return Parts.flow(Tool.of(
                            "Photograph of the label …",
                            "adds a picture file to the photographs of the job",
                            choosePhoto))
                    .style("switches")
                    .group();
        }
        Parts column = Parts.column(new Photo(
                "label of the communicator",
                Photographs.beside(job.get()).file(name).toUri().toString(),
                name,
                PHOTO_WIDTH));
        column.add(Parts.flow(
                        Words.quiet(name),
                        Tool.of("Another …", "takes another picture file", choosePhoto),
                        Tool.of(
                                "Leave it out",
                                "the file stays where it is",
                                () -> actions.apply(UnitEdits.identity("photograph", its -> its.withLabel("")))))
                .style("switches")
                .group());
        return column.group();
    }

    private Part sim(SimCard sim, Job job) {
        SettingTable table = new SettingTable();
        table.text("SIM number", sim.number(), typed -> edit("number", its -> its.withNumber(typed)));
        table.text("Phone number", sim.phone(), typed -> edit("phone number", its -> its.withPhone(typed)));
        table.yesNo(
                "Unlock code off", sim.codeOff(), off -> edit("unlock code", its -> its.withCodeOff(Optional.of(off))));
        table.text("Access point", sim.accessPoint(), typed -> edit("access point", its -> its.withAccessPoint(typed)));
        table.text(
                "Active from",
                date(sim.activeFrom()),
                typed -> day(typed)
                        .map(day -> edit("activation", its -> its.active(day.day(), its.activeUntil())))
                        .orElse(false));
        table.text(
                "Active until",
                date(sim.activeUntil()),
                typed -> day(typed)
                        .map(day -> edit("activation", its -> its.active(its.activeFrom(), day.day())))
                        .orElse(false));
        String plan = job.communicator()
                .path(PathKind.CELLULAR)
                .flatMap(TransmissionPath::planMegabytes)
                .map(megabytes -> "%.1f MB a month, on \"How long\"".formatted(megabytes))
                .orElse("not known; write it on \"How long\"");
        table.line("Plan", Words.wrapped(Words.quiet(plan)));
        return table.grid();
    }

    private boolean edit(String what, java.util.function.UnaryOperator<SimCard> change) {
        return actions.apply(UnitEdits.sim(what, change));
    }

    private static String date(Optional<LocalDate> day) {
        return day.map(LocalDate::toString).orElse("");
    }

    /// A day, or none where the field was emptied.
    private record Day(Optional<LocalDate> day) {}

    private Optional<Day> day(String typed) {
        if (typed.isBlank()) {
            return Optional.of(new Day(Optional.empty()));
        }
        try {
            return Optional.of(new Day(Optional.of(LocalDate.parse(typed.strip()))));
        } catch (DateTimeParseException none) {
            actions.tell("\"" + typed + "\" is no day; write it as 2026-05-31.");
            return Optional.empty();
        }
    }

    private Part service(Job job, Unit unit) {
        SettingTable table = new SettingTable();
        table.yesNo(
                "The account is live",
                unit.service().accountLive(),
                live -> actions.apply(UnitEdits.service("account", its -> its.withAccountLive(Optional.of(live)))));
        Parts paths = Parts.flow();
        for (TransmissionPath path : job.communicator().paths()) {
            paths.add(new Check(
                    path.kind().words(),
                    unit.service().enabled().contains(path.kind()),
                    on -> actions.apply(UnitEdits.service("path", its -> its.withEnabled(path.kind(), on)))));
        }
        table.line("Paths switched on", paths.style("switches").group());
        if (unit.profile().control().isPresent()) {
            table.text(
                    "Number of its administrator",
                    unit.service().administrator(),
                    typed -> actions.apply(UnitEdits.service("administrator", its -> its.withAdministrator(typed))));
        }
        table.line(
                "Remote access",
                new Check(
                        "open now; it is closed again before leaving",
                        unit.service().remoteOpen(),
                        open -> actions.apply(UnitEdits.service("remote access", its -> its.withRemoteOpen(open)))));
        return table.grid();
    }
}
