package io.answerback.core.loop;

import io.answerback.core.loop.scheme.Extreme;
import io.answerback.core.loop.scheme.LoopPart;
import io.answerback.core.model.common.Text;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// Loops as a SPICE netlist, for checking them with a circuit simulator that shares nothing with this
/// application. One ampere flows into each loop, so the volts across it are its ohms. What conducts nothing
/// stands as 10 GΩ, what has no resistance as 10 µΩ, since a simulator takes neither.
public final class LoopNetlist {
    /// What an open contact or a cut stands as, in ohms.
    public static final double OPEN_OHMS = 1e10;
    /// What a short stands as, in ohms.
    public static final double SHORT_OHMS = 1e-5;

    private final List<String> elements = new ArrayList<>();
    private final List<String> prints = new ArrayList<>();
    private int nodes;

    /// A netlist of one loop, which prints `ohms = …`.
    ///
    /// @param title what it is, as its first line
    public static String of(String title, LoopPart loop, Extreme extreme) {
        return new LoopNetlist().add("ohms", loop, extreme).text(title);
    }

    /// Adds a loop.
    ///
    /// @param name what its resistance is printed as: letters, digits and underscores
    public LoopNetlist add(String name, LoopPart loop, Extreme extreme) {
        int top = ++nodes;
        elements.add(Text.of("I%d 0 %d DC 1", top, top));
        place(loop, top, 0, extreme);
        prints.add(Text.of("let %s = v(%d)", name, top));
        prints.add("print " + name);
        return this;
    }

    private void place(LoopPart part, int from, int to, Extreme extreme) {
        switch (part) {
            case LoopPart.Series series -> {
                int at = from;
                for (int i = 0; i < series.parts().size(); i++) {
                    int next = i == series.parts().size() - 1 ? to : ++nodes;
                    place(series.parts().get(i), at, next, extreme);
                    at = next;
                }
            }
            case LoopPart.Parallel parallel -> parallel.parts().forEach(branch -> place(branch, from, to, extreme));
            case LoopPart.Resistor _,
                    LoopPart.Contact _,
                    LoopPart.Copper _,
                    LoopPart.Leak _,
                    LoopPart.Known _,
                    LoopPart.Cut _,
                    LoopPart.Short _ ->
                elements.add(Text.of("R%d %d %d %s ; %s", elements.size(), from, to, ohms(part, extreme), name(part)));
        }
    }

    private static String ohms(LoopPart part, Extreme extreme) {
        double ohms = Math.clamp(part.ohms(extreme), SHORT_OHMS, OPEN_OHMS);
        return String.format(Locale.ROOT, "%.9g", ohms);
    }

    private static String name(LoopPart part) {
        return switch (part) {
            case LoopPart.Resistor resistor -> "resistor";
            case LoopPart.Contact contact -> contact.closed() ? "closed contact" : "open contact";
            case LoopPart.Copper run -> "cable, there and back";
            case LoopPart.Leak leak -> "leak";
            case LoopPart.Known known -> "worked out";
            case LoopPart.Cut cut -> "cut";
            case LoopPart.Short bridged -> "short";
            case LoopPart.Series series -> "series";
            case LoopPart.Parallel parallel -> "parallel";
        };
    }

    /// The netlist as text that `ngspice -b` runs as it is.
    ///
    /// @param title its first line
    public String text(String title) {
        StringBuilder text =
                new StringBuilder("* ").append(SpiceText.plain(title)).append('\n');
        elements.forEach(element -> text.append(element).append('\n'));
        text.append(".control\nset numdgt=9\nop\n");
        prints.forEach(print -> text.append(print).append('\n'));
        return text.append("quit\n.endc\n.end\n").toString();
    }
}
