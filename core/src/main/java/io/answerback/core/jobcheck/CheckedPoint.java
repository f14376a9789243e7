package io.answerback.core.jobcheck;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/// One point of a site that is checked: what each check shows under each slip, worked out once.
final class CheckedPoint {
    private final PointModel model;
    private final Map<Slip, Map<Look, String>> shows = new EnumMap<>(Slip.class);

    CheckedPoint(PointModel model) {
        this.model = model;
        Arrays.stream(Slip.values()).filter(model::possible).forEach(this::workOut);
        Map<Look, String> planned = shows.get(Slip.NONE);
        shows.entrySet()
                .removeIf(
                        entry -> entry.getKey() != Slip.NONE && entry.getValue().equals(planned));
    }

    private void workOut(Slip slip) {
        Map<Look, String> its = new EnumMap<>(Look.class);
        Arrays.stream(Look.values()).forEach(look -> its.put(look, model.shows(look, slip)));
        shows.put(slip, its);
    }

    PointModel model() {
        return model;
    }

    String name() {
        return model.name();
    }

    String step(Look look) {
        return look.id() + "-" + model.wired().point().id();
    }

    /// The slips that some check would show, and none at all.
    List<Slip> possible() {
        return List.copyOf(shows.keySet());
    }

    /// What a check shows under a slip.
    String shows(Look look, Slip slip) {
        return shows.get(slip).get(look);
    }
}
