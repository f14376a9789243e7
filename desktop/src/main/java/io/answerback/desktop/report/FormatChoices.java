package io.answerback.desktop.report;

import io.answerback.core.engine.edit.ReceiverEdits;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.report.ReportTables;
import io.answerback.core.signal.event.EventClass;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.printout.Printer;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.present.ReportPresentation;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.WindowState;
import java.util.List;
import java.util.Optional;

/// The receiver that is looked at, with what is chosen for it: format, speed and event digit of pulses,
/// account; and its call as sound.
final class FormatChoices {
    private static final List<Integer> SPEEDS = List.of(10, 20, 40);
    private static final List<String> DIGITS =
            List.of("1", "2", "3", "4", "5", "6", "7", "8", "9", "0", "B", "C", "D", "E", "F");

    private final Actions actions;
    private final ReportTables tables;
    private final ChosenReceiver chosenReceiver;
    private final SoundOut sound;
    private final Runnable again;

    /// @param again shows the sheet again, because another receiver was chosen
    FormatChoices(Actions actions, ReportTables tables, ChosenReceiver chosenReceiver, SoundOut sound, Runnable again) {
        this.actions = actions;
        this.tables = tables;
        this.chosenReceiver = chosenReceiver;
        this.sound = sound;
        this.again = again;
    }

    Part part(WindowState state, ReportPresentation report, Receiver receiver) {
        Parts row = Parts.flow(Choice.of("Receiver", state.job().receivers(), receiver, Receiver::name, its -> {
            chosenReceiver.choose(its.id());
            again.run();
        }));
        row.add(
                Words.quiet("takes"),
                Choice.of(
                        "Format",
                        receiver.reception().abilities().formats(),
                        receiver.format(),
                        ReportFormat::words,
                        format -> actions.apply(
                                ReceiverEdits.reception(receiver.id(), "format", its -> its.withFormat(format)))));
        if (receiver.format().shape().isPresent()) {
            addPulses(row, report, receiver);
        }
        row.add(Words.quiet("account"), ownAccount(receiver));
        report.call()
                .ifPresent(call -> row.add(
                        Tool.of("Hear it", "plays the call, where this computer has sound", () -> sound.play(call)),
                        Tool.of("Save as WAV", "8 kHz, 16 bit", () -> sound.save(call, receiver.name()))));
        if (report.told() != Told.ALWAYS) {
            row.add(Words.quiet(report.group() + ": " + report.told().words()));
        }
        return row.style("programming").group();
    }

    private void addPulses(Parts row, ReportPresentation report, Receiver receiver) {
        row.add(Choice.of(
                "Pulses a second",
                SPEEDS,
                receiver.reception().pulsesPerSecond(),
                speed -> speed + " a second",
                speed -> actions.apply(
                        ReceiverEdits.reception(receiver.id(), "speed", its -> its.withPulsesPerSecond(speed)))));
        report.signal().flatMap(signal -> tables.events().find(signal.event())).ifPresent(event -> {
            String code = event.code();
            String digit = eventDigit(receiver, report.signal().orElseThrow(), event);
            row.add(
                    Words.quiet(code + " is"),
                    Choice.of(
                            "Event digit",
                            DIGITS,
                            digit,
                            its -> its,
                            chosen -> actions.apply(ReceiverEdits.reception(
                                    receiver.id(), "event digit", its -> its.withCode(code, Optional.of(chosen))))));
        });
    }

    private String eventDigit(Receiver receiver, Signal signal, EventClass event) {
        return new Printer(receiver.reception(), tables.events(), tables.letters())
                .eventDigit(signal)
                .map(String::valueOf)
                .orElse(String.valueOf(event.pulse().digit()));
    }

    private Part ownAccount(Receiver receiver) {
        String own = receiver.reception().account();
        return Value.of("Account at this receiver", own.isEmpty() ? "of the area" : own, typed -> {
            String account = typed.strip().equals("of the area") ? "" : typed;
            return actions.apply(ReceiverEdits.reception(receiver.id(), "account", its -> its.withAccount(account)));
        });
    }
}
