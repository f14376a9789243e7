package io.answerback.core.work.materials;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import java.util.Locale;

/// Something that is taken to the site.
///
/// @param id what it is known by, such as "cable:8-core"
/// @param group what sort of material it is
/// @param what what it is
/// @param needed how much the whole job takes, without spares or waste
/// @param there how much of that is on site already
/// @param take how much is taken, with spares and waste; 0 where all of it is there
/// @param unit in which unit: "m" for metres, "pieces" for what is counted
/// @param packed how it comes, such as "3 reels of 100 m"; empty for one by one
/// @param why what it is counted from
public record Material(
        String id,
        MaterialGroup group,
        String what,
        double needed,
        double there,
        double take,
        String unit,
        String packed,
        String why) {
    private static final double MOST = 1_000_000;

    /// @throws IllegalArgumentException when it has no name, or a quantity is out of bounds
    public Material {
        id = Require.text(id, "id of a material");
        what = Require.text(what, "name of material " + id);
        Require.within(needed, 0, MOST, "quantity of " + what);
        Require.within(there, 0, MOST, "quantity of " + what + " on site");
        Require.within(take, 0, MOST, "quantity of " + what + " to take");
    }

    /// A thing that is counted, such as a module; nothing is taken where all of it is there.
    static Material pieces(String id, MaterialGroup group, String what, int needed, int there, int spares, String why) {
        int missing = Math.max(0, needed - there);
        return new Material(id, group, what, needed, there, missing == 0 ? 0 : missing + spares, "pieces", "", why);
    }

    /// A tool, or something that protects.
    static Material tool(String id, String what, String why) {
        return new Material("tool:" + id, MaterialGroup.TOOLS, what, 1, 0, 1, "pieces", "", why);
    }

    /// How much is taken, such as "286 m" or "14".
    public String takeWords() {
        return unit.equals("m") ? Text.of("%.0f m", take) : String.format(Locale.ROOT, "%.0f", take);
    }
}
