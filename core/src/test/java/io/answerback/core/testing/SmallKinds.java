package io.answerback.core.testing;

import io.answerback.core.model.device.ContactForm;
import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.device.KindWords;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.survey.KindCatalogue;
import java.util.List;
import java.util.Optional;

/// A few made-up kinds of point, without what the sums do not need.
public final class SmallKinds {
    /// A door contact.
    public static final PointKind DOOR = kind("door-contact", "door contact", KindFamily.DOOR, "door", "shut", "open");
    /// A window contact.
    public static final PointKind WINDOW =
            kind("window-contact", "window contact", KindFamily.WINDOW, "window", "shut", "open");
    /// A movement detector.
    public static final PointKind MOVEMENT =
            kind("movement", "movement detector", KindFamily.MOVEMENT, "detector", "quiet", "moving");
    /// A glass-break detector.
    public static final PointKind GLASS =
            kind("glass-break", "glass-break detector", KindFamily.GLASS, "detector", "quiet", "tripped");
    /// A hold-up button.
    public static final PointKind HOLD_UP =
            kind("hold-up-button", "hold-up button", KindFamily.HOLD_UP, "button", "released", "pressed");
    /// A key switch.
    public static final PointKind KEY_SWITCH =
            kind("key-switch", "key switch", KindFamily.KEY_SWITCH, "key", "home", "turned");
    /// A gas alarm.
    public static final PointKind GAS = kind("gas-alarm", "gas alarm", KindFamily.GAS, "gas alarm", "clear", "gas");
    /// A smoke detector on four wires.
    public static final PointKind SMOKE =
            kind("smoke", "smoke detector", KindFamily.FIRE, "detector", "clear", "smoke");
    /// A smoke detector that lives off its loop.
    public static final PointKind TWO_WIRE_SMOKE = SmallParts.pointKind(
            "smoke-two-wire",
            "two-wire smoke detector",
            KindFamily.FIRE,
            new KindWords("loop current", "detector", "clear", "smoke", "Trip it", "Clear it"),
            ContactForm.NORMALLY_OPEN,
            new PointKind.Outputs(false, false, false),
            true,
            true,
            Optional.empty());

    /// All of them, with the words people use.
    public static final KindCatalogue CATALOGUE = new KindCatalogue(List.of(
            entry(DOOR, "door", ZoneType.IMMEDIATE, List.of("door", "entrance"), List.of("contact", "reed")),
            entry(WINDOW, "window", ZoneType.IMMEDIATE, List.of("window"), List.of("contact", "reed")),
            entry(MOVEMENT, "movement", ZoneType.IMMEDIATE, List.of("movement"), List.of("pir", "detector")),
            entry(GLASS, "glass break", ZoneType.IMMEDIATE, List.of("glass break"), List.of()),
            entry(HOLD_UP, "hold-up", ZoneType.HOLD_UP, List.of("hold-up"), List.of("button")),
            entry(KEY_SWITCH, "key switch", ZoneType.KEY_SWITCH, List.of("key switch"), List.of()),
            entry(GAS, "gas alarm", ZoneType.TECHNICAL, List.of("gas alarm"), List.of()),
            entry(SMOKE, "smoke", ZoneType.FIRE, List.of("smoke"), List.of()),
            entry(TWO_WIRE_SMOKE, "smoke", ZoneType.FIRE, List.of(), List.of("two-wire smoke"))));

    private SmallKinds() {}

    private static KindCatalogue.Entry entry(
            PointKind kind, String noun, ZoneType type, List<String> spoken, List<String> jargon) {
        return new KindCatalogue.Entry(kind, noun, type, spoken, jargon);
    }

    private static PointKind kind(String id, String name, KindFamily family, String thing, String rest, String active) {
        return SmallParts.pointKind(
                id,
                name,
                family,
                new KindWords("contact", thing, rest, active, "Try the " + thing, "Restore the " + thing),
                ContactForm.NORMALLY_CLOSED,
                new PointKind.Outputs(true, false, false),
                false,
                false,
                Optional.empty());
    }
}
