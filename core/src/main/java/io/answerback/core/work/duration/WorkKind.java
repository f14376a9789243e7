package io.answerback.core.work.duration;

import io.answerback.core.engine.finding.Stop;

/// A kind of work that takes time. The minutes are working values of the trade, which a firm corrects by its own
/// jobs.
public enum WorkKind {
    /// Running cable, a metre: 0.6 where it shows, 1.0 where it is hidden.
    RUN_CABLE(Stop.CABLE, "cable run, a metre", 0.8, 0.2),
    /// A label.
    LABEL(Stop.CABLE, "label", 0.5, 0.2),
    /// Stripping and dressing an end of a cable.
    CABLE_END(Stop.CABLE, "cable end stripped and dressed", 4, 1.2),
    /// A core under its terminal.
    CORE(Stop.CABLE, "core under its terminal", 0.7, 0.2),
    /// Mounting and wiring a device: 15 to 25.
    DEVICE(Stop.CABLE, "device mounted and wired", 20, 5),
    /// The panel on the wall.
    PANEL(Stop.CABLE, "panel mounted", 60, 15),
    /// A module on the wall.
    MODULE(Stop.BUS, "module mounted", 20, 5),
    /// An entry typed.
    ENTRY(Stop.SET_UP, "entry typed", 0.4, 0.15),
    /// A level of a menu.
    MENU_LEVEL(Stop.SET_UP, "level of a menu walked", 0.3, 0.1),
    /// A reading at a loop.
    LOOP_READING(Stop.LOOP, "loop measured", 1, 0.3),
    /// A point or a cover on the walk test.
    WALK_LINE(Stop.PROVE, "line of the walk test", 1.5, 0.5),
    /// Any other line of the plan, counted in the minutes it has there.
    OTHER_LINE(Stop.PROVE, "minute of the other lines of the plan", 1, 0.3),
    /// Showing the client how, and handing over.
    TALK(Stop.HAND_OVER, "client shown how", 30, 10);

    private final Stop stop;
    private final String words;
    private final double minutes;
    private final double spread;

    WorkKind(Stop stop, String words, double minutes, double spread) {
        this.stop = stop;
        this.words = words;
        this.minutes = minutes;
        this.spread = spread;
    }

    /// The stop at which it is done.
    public Stop stop() {
        return stop;
    }

    /// What one of it is, in words.
    public String words() {
        return words;
    }

    /// How long one takes where a firm has measured nothing, in minutes.
    public double usualMinutes() {
        return minutes;
    }

    /// How far jobs differ in that, as a standard deviation in minutes.
    public double usualSpread() {
        return spread;
    }
}
