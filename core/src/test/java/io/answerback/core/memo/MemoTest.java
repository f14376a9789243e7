package io.answerback.core.memo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.device.PointKind;
import io.answerback.core.edit.Edits;
import io.answerback.core.edit.PointEdits;
import io.answerback.core.id.PointId;
import io.answerback.core.site.Job;
import io.answerback.core.site.Point;
import io.answerback.core.testing.SmallJob;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
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
}
