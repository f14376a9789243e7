package io.answerback.core.learn.jobcheck;

import io.answerback.core.learn.exercise.WorkStep;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/// One point of a site that is checked: what each check shows under each slip, worked out once.
final class CheckedPoint {
    private final PointModel model;
    private final Map<Slip, Map<Look, String>> shows = new EnumMap<>(Slip.class);
    private final Map<Look, WorkStep> steps = new EnumMap<>(Look.class);

    CheckedPoint(PointModel model) {
        this.model = model;
        for (Look look : Look.values()) {
            String id = look.id() + "-" + model.wired().point().id();
            steps.put(look, new WorkStep(id, model.order(look), look.minutes(), WorkStep.Sort.LOOK));
        }
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
        return steps.get(look).id();
    }

    /// Its checks, as steps of the work.
    Collection<WorkStep> steps() {
        return steps.values();
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
