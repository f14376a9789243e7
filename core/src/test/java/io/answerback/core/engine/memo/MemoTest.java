package io.answerback.core.engine.memo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.testing.SmallJob;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/// What a memo works out again, and what it keeps.
class MemoTest {
    private final Memo memo = new Memo();
    private final Job job = SmallJob.job();
    private int namesComputed;
    private int firstComputed;

    private final Fact<Map<PointId, String>> names = Fact.of("names", facts -> {
        namesComputed++;
        Map<PointId, String> byId = new LinkedHashMap<>();
        facts.points().forEach(point -> byId.put(point.id(), point.name()));
        return byId;
    });

    private final Fact<String> first = Fact.of("first name", facts -> {
        firstComputed++;
        return facts.of(names).values().iterator().next();
    });

    private String first(Job of) {
        return memo.read(of, Map.of(), facts -> facts.of(first));
    }

    private PointKind another(PointKind kind) {
        return job.points().stream()
                .map(Point::kind)
                .filter(other -> !other.equals(kind))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatAnEditDidNotTouchIsKept() {
        first(job);
        first(Edits.cableMetres(job.cables().getFirst().id(), 77).on(job));
        assertThat(namesComputed).isEqualTo(1);
    }

    @Test
    void whatComesOutEqualLeavesWhatRestsOnItAsItWas() {
        first(job);
        Point last = job.points().getLast();
        first(job.withPoints(job.points().stream()
                .map(point -> point == last ? last.withKind(another(last.kind())) : point)
                .toList()));
        assertThat(namesComputed).isEqualTo(2);
        assertThat(firstComputed).isEqualTo(1);
    }

    @Test
    void entriesOfAMapInAnotherOrderAreAnotherValue() {
        Point last = job.points().getLast();
        assertThat(first(job)).isNotEqualTo(last.name());
        Job moved = PointEdits.move(List.of(last.id()), -job.points().size()).on(job);
        assertThat(first(moved)).isEqualTo(last.name());
    }

    @Test
    void whatWasInterruptedIsComputedWhenItIsAskedAgain() {
        Thread.currentThread().interrupt();
        assertThatThrownBy(() -> first(job))
                .isInstanceOf(CancellationException.class)
                .hasMessage("first name is not wanted any more");
        assertThat(Thread.interrupted()).isTrue();
        assertThat(first(job)).isEqualTo(job.points().getFirst().name());
    }

    @Test
    void aChangeOfOneThingAsksOnlyItsGroupAgain() {
        List<Point> many = IntStream.range(0, 150)
                .mapToObj(number -> Point.of(
                        new PointId("P" + number),
                        "Point " + number,
                        job.points().getFirst().kind(),
                        job.points().getFirst().surveyed(),
                        job.points().getFirst().loop()))
                .toList();
        List<PointId> asked = new ArrayList<>();
        Groups<PointId> groups = new Groups<>("points", Fact.of("ids", Facts::pointIds));
        Fact<List<String>> all = groups.all("names of all", FactOf.each("name", (facts, id) -> {
            asked.add(id);
            return facts.point(id).orElseThrow().name();
        }));
        Job before = job.withPoints(
                Stream.concat(job.points().stream(), many.stream()).toList());
        assertThat(memo.<List<String>>read(before, Map.of(), facts -> facts.of(all)))
                .containsExactlyElementsOf(
                        before.points().stream().map(Point::name).toList());
        asked.clear();
        Job after = before.withPoints(before.points().stream()
                .map(point -> point.id().equals(new PointId("P99")) ? point.withName("Renamed") : point)
                .toList());
        assertThat(memo.<List<String>>read(after, Map.of(), facts -> facts.of(all)))
                .containsExactlyElementsOf(
                        after.points().stream().map(Point::name).toList());
        assertThat(asked).containsExactly(new PointId("P99"));
    }
}
