package io.answerback.core.model.device;

/// What kinds of point have in common as far as rules and drawings go.
public enum KindFamily {
    /// A door, gate or hatch people can pass.
    DOOR,
    /// A window or another opening nobody should pass.
    WINDOW,
    /// Watches a space.
    MOVEMENT,
    /// Listens for or feels breaking glass.
    GLASS,
    /// Feels an attack on a surface.
    VIBRATION,
    /// Calls for help.
    HOLD_UP,
    /// Makes an area watch or stand down.
    KEY_SWITCH,
    /// Smoke and heat: life-safety work under its own code.
    FIRE,
    /// Gas and carbon monoxide: life-safety work under its own code.
    GAS,
    /// Says that other equipment is in trouble.
    TECHNICAL;

    /// Whether it is work under a code and licence of its own.
    public boolean lifeSafety() {
        return this == FIRE || this == GAS;
    }

    /// Whether it has to be watched at all times, whatever its area does.
    public boolean watchesAlways() {
        return this == HOLD_UP || this == TECHNICAL || lifeSafety();
    }

    /// Whether it sits in a wall.
    public boolean opening() {
        return this == DOOR || this == WINDOW;
    }
}
