package io.answerback.core.survey;

import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.ContactForm;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.device.Powering;
import java.util.ArrayList;
import java.util.List;

/// What a kind of point needs and offers, as an engineer asks for it before ordering one.
public final class KindFacts {
    private KindFacts() {}

    /// The facts in one line, such as "closed at rest · cover contact · 12 mA, 18 mA in alarm · from 9 V".
    public static String of(PointKind kind) {
        List<String> facts = new ArrayList<>();
        facts.add(contact(kind.contact()));
        add(facts, kind.outputs().tamper(), "tamper contact");
        add(facts, kind.outputs().mask(), "masking output");
        add(facts, kind.outputs().fault(), "fault output");
        add(facts, kind.twoWire(), "supplied by its loop");
        add(facts, kind.radio(), "sends by radio from a battery inside");
        kind.powering().ifPresent(powering -> facts.addAll(powered(powering)));
        add(facts, kind.polarity(), "mind the polarity");
        return String.join(" · ", facts);
    }

    private static void add(List<String> facts, boolean holds, String fact) {
        if (holds) {
            facts.add(fact);
        }
    }

    private static String contact(ContactForm form) {
        return switch (form) {
            case NORMALLY_CLOSED -> "closed at rest";
            case NORMALLY_OPEN -> "open at rest";
            case EITHER -> "closed or open at rest";
        };
    }

    private static List<String> powered(Powering powering) {
        return List.of(
                Text.of(
                        "%s mA, %s mA in alarm",
                        Figures.plain(powering.quiescentMilliamps()), Figures.plain(powering.alarmMilliamps())),
                "from " + Figures.plain(powering.leastVolts()) + " V",
                Text.of("%d s to warm up", powering.warmUpSeconds()));
    }
}
