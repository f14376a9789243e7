package io.answerback.core.model.cable;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.Conductor;
import java.util.List;

/// A sort of cable as it comes on a reel. Types are data: the application ships some, a firm adds its own, and
/// a job carries those it uses.
///
/// @param id its name in files, such as "8-core"
/// @param name its name on the reel
/// @param conductor each of its cores
/// @param colours its cores by colour, in the order they are counted; two to 50, none twice
/// @param screened whether it has a screen
/// @param outdoor whether its sheath may be rained and shone on
/// @param nanofaradsPerKilometre the capacitance between two of its cores, in nanofarads per kilometre; 0 where
///     that is not known
public record CableType(
        String id,
        String name,
        Conductor conductor,
        List<String> colours,
        boolean screened,
        boolean outdoor,
        double nanofaradsPerKilometre) {
    /// @throws IllegalArgumentException when a name is blank, the conductor missing, there are too few or too
    ///     many cores, or two of one colour
    public CableType {
        id = Require.text(id, "id of a cable type");
        name = Require.text(name, "name of cable type " + id);
        Require.given(conductor, "conductor of cable type " + id);
        String colour = "colour of a core of cable type " + id;
        colours = Require.given(colours, "cores of cable type " + id).stream()
                .map(each -> Require.text(each, colour))
                .toList();
        Require.within(colours.size(), 2, 50, "cores of cable type " + id);
        Require.within(
                nanofaradsPerKilometre,
                0,
                1000,
                Text.of("capacitance of cable type %s in nanofarads per kilometre", id));
        if (colours.stream().distinct().count() < colours.size()) {
            throw new IllegalArgumentException(
                    Text.of("cable type %s has two cores of one colour; name them apart, such as \"white 2\"", id));
        }
    }
}
