package io.answerback.core.model.cable;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Conductor;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/// A cable between a box and what it serves.
///
/// @param id the cable's label, unique in the job, such as "C-17"
/// @param ends between what it runs
/// @param metres its length one way, in metres; 0 while it is not known
/// @param conductor its cores
/// @param coldestCelsius the coldest any of it gets, in °C
/// @param hottestCelsius the hottest any of it gets, in °C
/// @param installation how it is laid, and how far the work on it has come
@RecordBuilder
public record Cable(
        CableId id,
        CableEnds ends,
        double metres,
        Conductor conductor,
        double coldestCelsius,
        double hottestCelsius,
        CableInstallation installation)
        implements CableBuilder.With {
    private static final double INDOORS_COLDEST_CELSIUS = 5;
    private static final double INDOORS_HOTTEST_CELSIUS = 35;

    /// @throws IllegalArgumentException when a label is blank, the length is outside 0 to 10 000 m, a
    ///     temperature outside −60 to +120 °C, or the coldest is above the hottest
    public Cable {
        Require.given(id, "cable id");
        Require.given(ends, "ends of cable " + id);
        Require.within(metres, 0, 10_000, "length of cable " + id + " in metres");
        Require.given(conductor, "conductor of cable " + id);
        Require.within(coldestCelsius, -60, 120, "coldest temperature of cable " + id + " in °C");
        Require.within(hottestCelsius, -60, 120, "hottest temperature of cable " + id + " in °C");
        installation = installation == null ? CableInstallation.PLANNED : installation;
        if (coldestCelsius > hottestCelsius) {
            throw new IllegalArgumentException(Text.of(
                    "cable %s is coldest at %s °C and hottest at %s °C; swap them",
                    id, coldestCelsius, hottestCelsius));
        }
    }

    /// A cable to one point on the drawing board, between two temperatures in °C.
    public Cable(
            CableId id,
            PointId pointId,
            double metres,
            Conductor conductor,
            double coldestCelsius,
            double hottestCelsius) {
        this(
                id,
                CableEnds.toPoints(List.of(Require.given(pointId, "point of cable " + id))),
                metres,
                conductor,
                coldestCelsius,
                hottestCelsius,
                CableInstallation.PLANNED);
    }

    /// A cable on the drawing board that runs where people work, between 5 and 35 °C.
    public static Cable indoors(CableId id, CableEnds ends, double metres, Conductor conductor) {
        return new Cable(
                id,
                ends,
                metres,
                conductor,
                INDOORS_COLDEST_CELSIUS,
                INDOORS_HOTTEST_CELSIUS,
                CableInstallation.PLANNED);
    }

    /// A cable to one point on the drawing board that runs where people work, between 5 and 35 °C.
    public static Cable indoors(CableId id, PointId pointId, double metres, Conductor conductor) {
        return new Cable(id, pointId, metres, conductor, INDOORS_COLDEST_CELSIUS, INDOORS_HOTTEST_CELSIUS);
    }

    /// Whether its length is known; a cable that was planned and not measured has 0 m, and nothing that rests on
    /// its length is computed.
    public boolean lengthKnown() {
        return metres > 0;
    }

    /// The same cable between other temperatures, in °C.
    public Cable withCelsius(double coldest, double hottest) {
        return new Cable(id, ends, metres, conductor, coldest, hottest, installation);
    }

    /// The same cable laid otherwise. With its type comes that type's conductor.
    public Cable withInstallation(CableInstallation other) {
        return new Cable(
                id,
                ends,
                metres,
                other.type().map(CableType::conductor).orElse(conductor),
                coldestCelsius,
                hottestCelsius,
                other);
    }
}
