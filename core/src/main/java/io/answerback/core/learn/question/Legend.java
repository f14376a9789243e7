package io.answerback.core.learn.question;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.profile.Terminal;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.FittedPart;
import io.answerback.core.wiring.cores.TerminationWords;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/// What is printed in the lid of a box: what each of its terminals is for, and what is fitted between them.
///
/// @param box the box
record Legend(BoxPlan box) {
    private static final List<CoreUse> BUS = List.of(CoreUse.BUS_ONE, CoreUse.BUS_TWO);
    private static final List<CoreUse> LINE = List.of(CoreUse.TIP, CoreUse.RING);
    private static final List<CoreUse> SPEAKER = List.of(CoreUse.SPEAKER, CoreUse.SPEAKER_RETURN);
    private static final List<CoreUse> RING = List.of(CoreUse.TAMPER, CoreUse.TAMPER_RETURN);

    /// The lines of it; none for a box whose terminals are not known.
    List<String> lines() {
        List<String> lines = new ArrayList<>();
        if (!box.strip().isEmpty()) {
            lines.add("Terminals: "
                    + IntStream.range(0, box.strip().size())
                            .mapToObj(this::terminal)
                            .distinct()
                            .collect(Collectors.joining("; ")));
        }
        for (FittedPart part : box.parts()) {
            lines.add("Fitted: " + part.words(box.strip()));
        }
        return lines;
    }

    private String terminal(int at) {
        return TerminationWords.terminal(box.strip(), at) + " (" + purpose(at) + ")";
    }

    private String purpose(int at) {
        Terminal terminal = box.strip().get(at);
        return switch (terminal.use()) {
            case INPUT -> Text.of("loop of input %d", terminal.inputs().getFirst());
            case INPUT_RETURN ->
                terminal.inputs().isEmpty()
                        ? "loop return of every input"
                        : "loop return of " + inputs(terminal.inputs());
            case BUS -> ofPair(at, BUS);
            case DIALLER -> ofPair(at, LINE);
            case SPEAKER -> ofPair(at, SPEAKER);
            case TAMPER -> ofPair(at, RING);
            case SOUNDER -> CoreUse.SOUNDER.words();
            case STROBE -> CoreUse.STROBE.words();
            case OUTPUT -> Text.of("output %d", number(at));
            case SUPPLY, SUPPLY_RETURN, SOUNDER_TAMPER, CONTACT, OTHER ->
                terminal.use().words();
        };
    }

    private static String inputs(List<Integer> numbers) {
        return numbers.size() == 1 ? "input " + numbers.getFirst() : "inputs " + Text.listed(numbers);
    }

    /// Of two terminals for one pair the first takes the first core.
    private String ofPair(int at, List<CoreUse> pair) {
        int number = number(at);
        return number <= pair.size()
                ? pair.get(number - 1).words()
                : box.strip().get(at).use().words();
    }

    private int number(int at) {
        TerminalUse use = box.strip().get(at).use();
        return (int) box.strip().subList(0, at + 1).stream()
                .filter(terminal -> terminal.use() == use)
                .count();
    }
}
