package io.answerback.desktop.loop;

import io.answerback.core.loop.LoopCheck;
import io.answerback.core.loop.LoopLimits;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.profile.Conductor;
import java.util.ArrayList;
import java.util.List;

/// How far each part of a loop could go, and which gives first, in a sentence or two.
final class LimitWords {
    private LimitWords() {}

    static String of(LoopView view, List<Conductor> conductors) {
        return LoopLimits.of(view.fitted(), view.chart(), conductors)
                .map(limits -> words(view, limits))
                .orElse("It does not work as it is; see the states that are wrong.");
    }

    private static String words(LoopView view, LoopLimits limits) {
        List<String> parts = new ArrayList<>();
        parts.add(
                limits.noLimitOfLength()
                        ? "any length of this cable (%s)"
                                .formatted(Figures.longest(limits.longestMetres(), LoopCheck.LONGEST_METRES))
                        : Figures.metres(limits.longestMetres()) + " of this cable");
        limits.thinnest().ifPresent(conductor -> parts.add(conductor.name() + " at the thinnest"));
        if (!view.wiring().scheme().withoutResistors()) {
            parts.add("resistors of ±" + Figures.percent(limits.loosestTolerancePercent() / 100));
        }
        parts.add("a leak of " + Figures.ohms(limits.leastLeakOhms()));
        parts.add("%d more contacts in series".formatted(limits.mostContacts()));
        parts.add("%s to %s °C"
                .formatted(
                        Figures.plain(Math.ceil(limits.coldestCelsius())),
                        Figures.plain(Math.floor(limits.hottestCelsius()))));
        String first = limits.givesFirst(view.fitted())
                .map(its -> " The " + its + " gives first.")
                .orElse("");
        return String.join(", ", parts) + "." + first;
    }
}
