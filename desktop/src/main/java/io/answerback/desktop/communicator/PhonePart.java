package io.answerback.desktop.communicator;

import io.answerback.core.model.unit.TextCommand;
import io.answerback.core.model.unit.TextControl;
import io.answerback.desktop.live.PhoneLine;
import io.answerback.desktop.live.PhonePractice;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Line;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// One phone: what arrived on it and what was typed, a line to write in, and the commands of the communicator.
final class PhonePart {
    private static final DateTimeFormatter TIME =
            DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT).withZone(ZoneId.systemDefault());
    private static final int SHOWN = 5;
    private static final double WIDE = 380;
    private static final String OTHER_NUMBER = "+99900000777";
    private static final String OTHER_PASSWORD = "9753";

    private final PhonePractice practice;
    private int written;
    private String put = "";

    PhonePart(PhonePractice practice) {
        this.practice = practice;
    }

    List<Part> parts(PhonesSheet.Phone phone, List<String> inputs) {
        List<Part> parts = new ArrayList<>();
        practice.warning(phone.number()).map(Words::caution).ifPresent(parts::add);
        Parts left = Parts.column(screen(phone));
        if (practice.control().isEmpty()) {
            parts.add(left.group());
            parts.add(Words.wrapped(
                    Words.quiet("The communicator of this job is not worked by text, so this phone only receives.")));
            return parts;
        }
        left.add(line(phone, inputs));
        Parts right = Parts.column(
                Words.title("What it understands"),
                Words.wrapped(Words.quiet("A press writes it for you; Enter sends it.")));
        right.add(commands(practice.control().get()));
        right.add(Parts.flow(Tool.of("Call", "it rings and is not taken", () -> practice.call(phone.number())))
                .style("switches")
                .group());
        parts.add(Parts.row(left.group().wide(WIDE), right.group().growing())
                .style("phones")
                .group());
        return parts;
    }

    private Part line(PhonesSheet.Phone phone, List<String> inputs) {
        return new Line(
                "Text to the communicator",
                "write to the communicator, Enter sends it",
                new Line.Put(put, written, 0),
                new Line.Keys(
                        typed -> {},
                        typed -> write(phone, typed, inputs),
                        typed -> Optional.empty(),
                        () -> {},
                        () -> {}));
    }

    private Part screen(PhonesSheet.Phone phone) {
        List<PhoneLine> lines = practice.linesOf(phone.number());
        Parts column = Parts.column(Words.of("told-name", phone.name() + "  " + phone.number()));
        if (lines.size() > SHOWN) {
            column.add(Words.quiet("%d earlier".formatted(lines.size() - SHOWN)));
        }
        if (lines.isEmpty()) {
            column.add(Words.wrapped(Words.quiet("Nothing has arrived on this phone.")));
        }
        for (PhoneLine line : lines.subList(Math.max(0, lines.size() - SHOWN), lines.size())) {
            column.add(Parts.column(
                            Words.wrapped(line.text()),
                            Words.quiet((line.typed() ? "you, " : "communicator, ") + TIME.format(line.at())))
                    .style(line.typed() ? "phone-typed" : "phone-arrived")
                    .group());
        }
        return column.style("phone").group();
    }

    private boolean write(PhonesSheet.Phone phone, String typed, List<String> inputs) {
        if (typed.isBlank()) {
            return false;
        }
        put = "";
        practice.text(phone.number(), typed, inputs);
        return true;
    }

    /// Each command with how this make writes it.
    private List<Part> commands(TextControl control) {
        List<Part> lines = new ArrayList<>();
        String password = practice.state().map(state -> state.password()).orElse(control.factoryPassword());
        for (TextCommand command : TextCommand.values()) {
            String pattern = control.patterns().get(command);
            if (pattern == null) {
                continue;
            }
            String typed = control.typed(command, password, OTHER_NUMBER, OTHER_PASSWORD);
            lines.add(new Press(
                    "finding",
                    command.words(),
                    () -> {
                        put = typed;
                        written++;
                        practice.again();
                    },
                    List.of(Group.column(
                            Words.of("told-name", command.words()),
                            Words.wrapped(Words.of("wires-figure", pattern))))));
        }
        return lines;
    }
}
