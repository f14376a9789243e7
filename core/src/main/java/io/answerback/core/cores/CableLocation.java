package io.answerback.core.cores;

/// Where ends of cables come to.
///
/// @param kind what it is
/// @param name the module's or joint box's name, or the point whose device it is
public record CableLocation(Kind kind, String name) {
    /// What a place is.
    public enum Kind {
        /// A module of the panel, with terminals of its own.
        BOX,
        /// A box in which cores are joined on the way.
        JOINT_BOX,
        /// The device of a point, or several on one cable.
        DEVICE
    }

    public static CableLocation box(String module) {
        return new CableLocation(Kind.BOX, module);
    }

    static CableLocation joint(String name) {
        return new CableLocation(Kind.JOINT_BOX, name);
    }

    /// The device of a point.
    public static CableLocation device(String pointId) {
        return new CableLocation(Kind.DEVICE, pointId);
    }
}
