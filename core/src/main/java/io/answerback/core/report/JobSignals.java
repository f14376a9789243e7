package io.answerback.core.report;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.SystemPoint;
import io.answerback.core.model.site.Zone;
import io.answerback.core.panel.PanelReducer;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Every signal the panel of a job can send by itself: of each zone and each system point its event and its
/// end, of each area that it was set and unset, and the periodic test.
public final class JobSignals {
    /// All of them, kept for as long as nothing they rest on changes.
    public static final Fact<List<Sent>> ALL = Fact.of("signals the panel can send", JobSignals::of);

    private static final String SET_BY_USER = "401";
    private static final String PERIODIC_TEST = "602";
    private static final int FIRST_USER = 1;

    private JobSignals() {}

    /// One of them.
    ///
    /// @param of what sends it, such as "07 Dock roller door 2"
    /// @param point the point; empty for what belongs to none
    public record Sent(String of, Optional<PointId> point, Signal signal) {}

    /// All of them, points first.
    public static List<Sent> of(Parts job) {
        PanelReducer panel = new PanelReducer(job);
        List<Sent> all = new ArrayList<>();
        for (Input input : job.inputs()) {
            input.pointId().flatMap(job::point).ifPresent(point -> {
                Optional<Zone> zone = job.zone(input.zone());
                String name = point.id() + " " + point.name();
                for (Qualifier qualifier : List.of(Qualifier.NEW, Qualifier.RESTORE)) {
                    zone.flatMap(its -> panel.zoneSignal(its, qualifier))
                            .ifPresent(signal -> all.add(new Sent(name, Optional.of(point.id()), signal)));
                }
            });
        }
        for (SystemPoint system : SystemPoint.values()) {
            for (Qualifier qualifier : List.of(Qualifier.NEW, Qualifier.RESTORE)) {
                panel.systemSignal(system, qualifier)
                        .ifPresent(signal -> all.add(new Sent(system.title(), Optional.of(system.id()), signal)));
            }
        }
        job.areas().stream().filter(area -> !area.account().isEmpty()).forEach(area -> area(area, all));
        return List.copyOf(all);
    }

    /// What is sent when a point becomes active; empty for one that sends nothing.
    public static Optional<Sent> whenActive(Parts job, PointId point) {
        return of(job).stream()
                .filter(sent -> sent.point().equals(Optional.of(point)))
                .filter(sent -> sent.signal().qualifier() == Qualifier.NEW)
                .findFirst();
    }

    private static void area(Area area, List<Sent> all) {
        String name = Text.of("Area %02d %s", area.number(), area.name());
        for (Qualifier qualifier : List.of(Qualifier.NEW, Qualifier.RESTORE)) {
            all.add(new Sent(
                    name,
                    Optional.empty(),
                    new Signal(area.account(), qualifier, SET_BY_USER, area.number(), FIRST_USER)));
        }
        if (all.stream().noneMatch(sent -> sent.signal().event().equals(PERIODIC_TEST))) {
            all.add(new Sent(
                    "Periodic test", Optional.empty(), new Signal(area.account(), Qualifier.NEW, PERIODIC_TEST, 0, 0)));
        }
    }
}
