package io.answerback.core.model.profile;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import java.util.List;

/// One terminal of a box, from the panel's profile.
///
/// @param name what is printed beside it, such as "0V"
/// @param use what it is for
/// @param inputs the inputs it belongs to, by their number on the box; one for an input, one or more for a return
/// @param holds how many cores it takes, 1 to 8
/// @param milliamps what it may give, in milliamps; 0 where it gives no supply or the limit is not known
/// @param switchesPlus whether it is an output that gives plus and can take it away; false where it switches 0 V,
///     or where that is not known
public record Terminal(
        String name, TerminalUse use, List<Integer> inputs, int holds, double milliamps, boolean switchesPlus) {
    /// One that does not switch plus.
    public Terminal(String name, TerminalUse use, List<Integer> inputs, int holds, double milliamps) {
        this(name, use, inputs, holds, milliamps, false);
    }

    /// @throws IllegalArgumentException when the name is blank, a figure out of bounds, or an input's terminal
    ///     belongs to none
    public Terminal {
        name = Require.text(name, "name of a terminal");
        Require.given(use, "use of terminal " + name);
        inputs = List.copyOf(inputs == null ? List.of() : inputs);
        for (int input : inputs) {
            Require.within(input, 1, 64, "input of terminal " + name);
        }
        Require.within(holds, 1, 8, "cores under terminal " + name);
        Require.within(milliamps, 0, 20_000, "supply of terminal " + name + " in milliamps");
        if (use == TerminalUse.INPUT && inputs.size() != 1) {
            throw new IllegalArgumentException(Text.of("terminal %s is an input; say which, by its number", name));
        }
    }
}
