package io.answerback.core.supply;

import io.answerback.core.loop.SpiceText;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.supply.battery.LeadAcid;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// Supply trees as a SPICE netlist, for checking them with a circuit simulator that shares nothing with this
/// application. A resistance of none stands as 10 µΩ.
public final class SupplyNetlist {
    private static final double LEAST_OHMS = 1e-5;

    private final List<String> elements = new ArrayList<>();
    private final List<String> prints = new ArrayList<>();
    private int nodes;
    private int parts;

    /// Adds a tree, which prints `NAME = …` for everything it feeds.
    ///
    /// @param prefix what these names begin with: letters, digits and underscores
    /// @param volts what its source gives, in volts
    public SupplyNetlist add(String prefix, SupplyNode root, double volts) {
        int source = ++nodes;
        elements.add(String.format(Locale.ROOT, "V%d %d 0 DC %.9g", ++parts, source, volts));
        place(prefix, root, source, volts);
        return this;
    }

    private void place(String prefix, SupplyNode node, int before, double volts) {
        int at = ++nodes;
        elements.add(String.format(
                Locale.ROOT,
                "R%d %d %d %.9g ; %s",
                ++parts,
                before,
                at,
                Math.max(LEAST_OHMS, node.ohms()),
                node.cableId().map(CableId::text).map(SpiceText::plain).orElse("")));
        elements.add(String.format(Locale.ROOT, ".nodeset v(%d)=%.6g", at, volts));
        for (SupplyNode.Load load : node.loads()) {
            elements.add(element(load, at));
            String name = name(prefix, load.part());
            prints.add(Text.of("let %s = v(%d)", name, at));
            prints.add("print " + name);
        }
        node.onward().forEach(next -> place(prefix, next, at, volts));
    }

    private String element(SupplyNode.Load load, int at) {
        double nominal = LeadAcid.NOMINAL_VOLTS;
        return switch (load.loadType()) {
            case CONSTANT_CURRENT -> String.format(Locale.ROOT, "I%d %d 0 DC %.9g", ++parts, at, load.amps());
            case CONSTANT_POWER ->
                String.format(Locale.ROOT, "B%d %d 0 I=%.9g/v(%d)", ++parts, at, load.amps() * nominal, at);
            case RESISTIVE ->
                String.format(Locale.ROOT, "R%d %d 0 %.9g", ++parts, at, nominal / Math.max(1e-12, load.amps()));
        };
    }

    /// What the volts at a part are printed as: point or module, then its id in lower case, other signs than
    /// letters and digits as underscores.
    public static String name(String prefix, FedId part) {
        String sort = part instanceof PointId ? "point_" : "module_";
        return prefix + sort + part.text().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "_");
    }

    /// The whole netlist, to be run in batch.
    ///
    /// @param title what it is, as its first line
    public String text(String title) {
        List<String> lines = new ArrayList<>(List.of("* " + SpiceText.plain(title)));
        lines.addAll(elements);
        lines.add(".control");
        lines.add("set numdgt=12");
        lines.add("op");
        lines.addAll(prints);
        lines.add("quit");
        lines.add(".endc");
        lines.add(".end");
        return String.join("\n", lines) + "\n";
    }
}
