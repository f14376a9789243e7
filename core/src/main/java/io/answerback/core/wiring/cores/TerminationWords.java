package io.answerback.core.wiring.cores;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.Terminal;
import io.answerback.core.model.profile.TerminalUse;
import java.util.List;

/// Where a core goes, in words that can be read aloud at the box.
public final class TerminationWords {
    /// What stands behind a terminal that a core gets to through a connector block.
    private static final String THROUGH_BLOCK = ", via terminal block";

    private TerminationWords() {}

    /// The place, such as "input 7", "0V beside 7", "12V, via terminal block" or "joins C-16 blue".
    public static String of(CoreTermination termination, List<Terminal> strip) {
        return switch (termination) {
            case CoreTermination.Under under ->
                terminal(strip, under.terminal()) + (under.throughBlock() ? THROUGH_BLOCK : "");
            case CoreTermination.Joined joined -> Text.of("joins %s %s", joined.cableId(), joined.colour());
            case CoreTermination.FoldedBack back -> "spare, folded back";
            case CoreTermination.Nowhere nowhere -> nowhere.why();
        };
    }

    /// Whether two places are one node: a core under a terminal, and one that gets to it through a block.
    public static boolean sameNode(String one, String other) {
        return node(one).equals(node(other));
    }

    private static String node(String where) {
        return where.endsWith(THROUGH_BLOCK) ? where.substring(0, where.length() - THROUGH_BLOCK.length()) : where;
    }

    /// A terminal as it is found: several may bear one name, and are told apart by their neighbours.
    public static String terminal(List<Terminal> strip, int at) {
        Terminal terminal = strip.get(at);
        if (terminal.use() == TerminalUse.INPUT) {
            return "input " + terminal.name();
        }
        long same = strip.stream()
                .filter(other -> other.name().equals(terminal.name()))
                .count();
        if (same == 1) {
            return terminal.name();
        }
        int neighbour = at > 0 ? at - 1 : at + 1;
        return strip.get(neighbour).name().equals(terminal.name())
                ? Text.of("%s on the %s", terminal.name(), at > 0 ? "right" : "left")
                : Text.of("%s beside %s", terminal.name(), strip.get(neighbour).name());
    }
}
