package io.answerback.core.report.attach;

import io.answerback.core.model.profile.Decision.OutputUse;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.Terminal;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.unit.Attachment;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.wiring.cores.EventCores;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// The wires between a panel's board and a communicator, terminal by terminal, as the profiles of both name them.
///
/// @param wires every wire, in the order in which they are connected
/// @param missing what a profile does not name, so that no wire can be said; empty when all is there
public record Wires(List<Wire> wires, List<String> missing) {
    /// One wire.
    ///
    /// @param carries what it carries
    /// @param use the same in words
    /// @param panel the terminal at the panel
    /// @param unit the terminal at the communicator
    public record Wire(Carries carries, String use, String panel, String unit) {}

    /// What a wire can carry.
    public enum Carries {
        /// The positive supply.
        SUPPLY,
        /// 0 V, of a supply or shared by both.
        ZERO_VOLTS,
        /// Data, a line, an event or a contact.
        SIGNAL
    }

    public Wires {
        wires = List.copyOf(wires);
        missing = List.copyOf(missing);
    }

    /// The wires of a communicator as it is attached; none while that is undecided, and none for one that is
    /// plugged on.
    public static Wires of(Parts job, Unit unit) {
        return unit.fitting()
                .way()
                .map(way -> new Finder(job, unit).of(way))
                .orElseGet(() -> new Wires(List.of(), List.of()));
    }

    private static final class Finder {
        private final Parts job;
        private final Unit unit;
        private final ModuleKind board;
        private final ModuleKind box;
        private final List<Wire> wires = new ArrayList<>();
        private final List<String> missing = new ArrayList<>();

        Finder(Parts job, Unit unit) {
            this.job = job;
            this.unit = unit;
            this.board = job.panel().profile().board();
            this.box = unit.profile().module();
        }

        Wires of(Attachment way) {
            supply(way);
            switch (way) {
                case PLUG_ON -> {}
                case SERIAL_PORT ->
                    wires.add(new Wire(Carries.SIGNAL, "data, both ways", "serial port", "serial lead"));
                case KEYPAD_BUS -> {
                    pair(Carries.SIGNAL, "data", TerminalUse.BUS, 0);
                    pair(Carries.SIGNAL, "data", TerminalUse.BUS, 1);
                }
                case DIAL_CAPTURE -> {
                    pair(Carries.SIGNAL, "tip", TerminalUse.DIALLER, 0);
                    pair(Carries.SIGNAL, "ring", TerminalUse.DIALLER, 1);
                }
                case INPUTS_AND_OUTPUTS -> inputsAndOutputs();
            }
            return new Wires(wires, missing);
        }

        /// From the bus or the auxiliary output; a port and a plug-in supply bring their own leads.
        private void supply(Attachment way) {
            if (unit.fitting().wiredSupply()) {
                pair(Carries.SUPPLY, "supply +", TerminalUse.SUPPLY, 0);
                pair(Carries.ZERO_VOLTS, "supply 0 V", TerminalUse.SUPPLY_RETURN, 0);
            } else if (way == Attachment.KEYPAD_BUS || way == Attachment.INPUTS_AND_OUTPUTS) {
                pair(Carries.ZERO_VOLTS, "0 V that both share", TerminalUse.SUPPLY_RETURN, 0);
            }
        }

        private void pair(Carries carries, String words, TerminalUse use, int which) {
            Optional<String> there = terminal(board, use, which);
            Optional<String> here = terminal(box, use, which);
            if (there.isPresent() && here.isPresent()) {
                wires.add(new Wire(carries, words, there.get(), here.get()));
                return;
            }
            if (there.isEmpty()) {
                missing.add("the panel's terminal for " + words);
            }
            if (here.isEmpty()) {
                missing.add("the communicator's terminal for " + words);
            }
        }

        /// One output of the panel for each input, and the unit's own output to a key-switch zone.
        private void inputsAndOutputs() {
            List<EventCores> events = EventCores.of(job, unit);
            for (EventCores event : events) {
                wires.add(new Wire(
                        Carries.SIGNAL,
                        event.follows() == OutputUse.NOTHING
                                ? "event, not decided yet"
                                : "event: " + event.follows().words(),
                        terminal(board, TerminalUse.OUTPUT, event.output() - 1).orElseThrow(),
                        terminal(box, TerminalUse.INPUT, event.input() - 1).orElseThrow()));
            }
            if (events.isEmpty()) {
                missing.add("outputs of the panel that are free for any use");
            }
            EventCores.keySwitch(job)
                    .flatMap(this::terminalOf)
                    .ifPresent(input -> terminal(box, TerminalUse.OUTPUT, 0)
                            .ifPresent(output -> wires.add(
                                    new Wire(Carries.SIGNAL, "setting, with the zone's resistor", input, output))));
        }

        private Optional<String> terminalOf(Input input) {
            return board.terminals().stream()
                    .filter(terminal -> terminal.use() == TerminalUse.INPUT
                            && terminal.inputs().contains(input.number()))
                    .map(Terminal::name)
                    .findFirst();
        }

        private static Optional<String> terminal(ModuleKind kind, TerminalUse use, int which) {
            return names(kind, use).skip(which).findFirst();
        }

        private static Stream<String> names(ModuleKind kind, TerminalUse use) {
            return kind.terminals().stream()
                    .filter(terminal -> terminal.use() == use)
                    .map(Terminal::name);
        }
    }
}
