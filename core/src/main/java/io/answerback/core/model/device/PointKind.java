package io.answerback.core.model.device;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import java.util.Optional;

/// What sort of thing watches. Kinds are data: the application ships a catalogue, and a job carries the kinds
/// it uses.
///
/// @param id the kind's name in files, such as "door-contact"
/// @param name the kind's name on screen
/// @param family what it has in common with other kinds
/// @param words what is said about it
/// @param contact what its contact does at rest
/// @param outputs the contacts it has beside its alarm contact
/// @param polarity whether it must be connected the right way round
/// @param twoWire whether it takes its supply from the loop itself
/// @param powering what it takes from a supply of its own; empty for a volt-free contact
/// @param radio whether it sends by radio, from a battery inside, and has no loop or cable
/// @param latch how it is brought back after an alarm, which it keeps until then; empty where it comes back by
///     itself
/// @param pulseMillis for how long its contact changes in an alarm, in milliseconds; 0 where it stays changed as
///     long as what it watches for lasts
public record PointKind(
        String id,
        String name,
        KindFamily family,
        KindWords words,
        ContactForm contact,
        Outputs outputs,
        boolean polarity,
        boolean twoWire,
        Optional<Powering> powering,
        boolean radio,
        Optional<Latch> latch,
        int pulseMillis) {
    /// One that comes back by itself.
    public PointKind(
            String id,
            String name,
            KindFamily family,
            KindWords words,
            ContactForm contact,
            Outputs outputs,
            boolean polarity,
            boolean twoWire,
            Optional<Powering> powering,
            boolean radio) {
        this(id, name, family, words, contact, outputs, polarity, twoWire, powering, radio, Optional.empty(), 0);
    }

    /// Contacts beside the alarm contact.
    ///
    /// @param tamper whether it has a cover contact
    /// @param mask whether it says when it is masked
    /// @param fault whether it says when it fails
    public record Outputs(boolean tamper, boolean mask, boolean fault) {}

    /// Whether the two cores of its loop must not be changed over: it takes its supply from the loop, or its
    /// output is no plain contact. A detector with a supply of its own has a relay contact, which has no
    /// polarity.
    public boolean loopHasPolarity() {
        return twoWire || polarity && powering.isEmpty();
    }

    /// Whether it stays in alarm until its supply, which comes over cores of its own, is taken away.
    public boolean resetBySupply() {
        return latch.filter(Latch.SUPPLY::equals).isPresent() && powering.isPresent() && !twoWire;
    }

    /// Whether its contact, and the way it takes its supply, suit a loop scheme.
    public boolean suits(SchemeKind scheme) {
        boolean twoWireLoop = scheme == SchemeKind.TWO_WIRE_SMOKE;
        ContactForm wanted = scheme.closesWhenActive() ? ContactForm.NORMALLY_OPEN : ContactForm.NORMALLY_CLOSED;
        return twoWire() == twoWireLoop && (twoWireLoop || contact == ContactForm.EITHER || contact == wanted);
    }

    /// Whether the device leaves no choice but a scheme: one for two-wire detectors, or one whose contact
    /// closes.
    public boolean imposes(SchemeKind scheme) {
        return twoWire
                ? scheme == SchemeKind.TWO_WIRE_SMOKE
                : contact == ContactForm.NORMALLY_OPEN && scheme.closesWhenActive();
    }

    /// Whether a scheme is what the device asks for, whatever the firm does otherwise: one it leaves no choice
    /// about, or, for a key switch, one in which a cut cable does not pass for a turned key.
    public boolean asksFor(SchemeKind scheme) {
        return imposes(scheme) || family == KindFamily.KEY_SWITCH && scheme.tellsFaults();
    }

    /// @throws IllegalArgumentException when a name is blank, a part missing, or a wireless one takes its
    ///     supply over wires
    public PointKind {
        id = Require.text(id, "id of a kind of point");
        name = Require.text(name, "name of kind " + id);
        Require.given(family, "family of kind " + id);
        Require.given(words, "words of kind " + id);
        Require.given(contact, "contact form of kind " + id);
        Require.given(outputs, "outputs of kind " + id);
        powering = powering == null ? Optional.empty() : powering;
        latch = latch == null ? Optional.empty() : latch;
        Require.within(pulseMillis, 0, 60_000, Text.of("pulse of kind %s in milliseconds", id));
        if (radio && (twoWire || powering.isPresent())) {
            throw new IllegalArgumentException(
                    Text.of("kind %s sends by radio from a battery inside; it takes no supply over wires", id));
        }
    }
}
