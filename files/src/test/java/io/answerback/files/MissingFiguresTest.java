package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.site.Link;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.files.demo.DemoJobs;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/// An unknown figure is unknown, never 0, and what rests on it is not called sound: every field of the demos is
/// left out in turn, and no mark of a stop or a link is better for it.
class MissingFiguresTest {
    private static final JsonMapper MAPPER = new JsonMapper();
    private static final Assessor ASSESSOR = new Assessor(DataFiles.events()).on(LocalDate.of(2026, 6, 2));
    private static final Set<Mark> WELL = EnumSet.of(Mark.SOUND, Mark.PROVEN);

    private record Place(ObjectNode in, String field) {}

    private static void places(JsonNode node, String path, Map<String, List<Place>> found) {
        if (node instanceof ObjectNode object) {
            for (Map.Entry<String, JsonNode> field : object.properties()) {
                String at = path + "/" + field.getKey();
                found.computeIfAbsent(at, key -> new ArrayList<>()).add(new Place(object, field.getKey()));
                places(field.getValue(), at, found);
            }
        } else if (node.isArray()) {
            node.forEach(member -> places(member, path, found));
        }
    }

    private static Map<String, List<Place>> places(JsonNode whole) {
        Map<String, List<Place>> found = new TreeMap<>();
        places(whole, "", found);
        return found;
    }

    private static JsonNode whole(int demo) {
        return MAPPER.readTree(JobCodec.write(JobDocument.of(DemoJobs.job(demo))));
    }

    /// Each field is left out of the shortest demo that has it; the longest takes the most time.
    @ParameterizedTest
    @CsvSource({"2, 0, 0", "3, 2, 0", "1, 2, 3"})
    void noMarkIsBetterForAFieldThatIsMissing(int demo, int shorter, int shortish) {
        JsonNode whole = whole(demo);
        Map<String, List<Place>> places = places(whole);
        IntStream.of(shorter, shortish)
                .filter(other -> other > 0)
                .forEach(other -> places.keySet().removeAll(places(whole(other)).keySet()));
        // what the makers say is left out field by field of one panel and one communicator
        places.keySet().removeIf(path -> shorter > 0 && path.contains("/profile/"));
        Assessment before = ASSESSOR.assess(DemoJobs.job(demo));
        List<String> better = new ArrayList<>();
        int opened = 0;
        for (Map.Entry<String, List<Place>> one : places.entrySet()) {
            String path = one.getKey();
            try {
                Optional<Assessment> without = without(whole, one.getValue().getLast(), before);
                opened += without.isPresent() ? 1 : 0;
                without.ifPresent(after -> compare(path, before, after, better));
            } catch (RuntimeException failed) {
                better.add(path + ": fails, " + failed);
            }
        }
        assertThat(opened).isGreaterThan(10);
        assertThat(better).isEmpty();
    }

    /// The job with a field left out; empty where such a file is refused.
    private static Optional<Assessment> without(JsonNode whole, Place place, Assessment before) {
        JsonNode value = place.in().get(place.field());
        List<Map.Entry<String, JsonNode>> order = List.copyOf(place.in().properties());
        place.in().remove(place.field());
        try {
            return Optional.of(
                    ASSESSOR.assess(JobCodec.read(whole.toString(), "job").job(), before));
        } catch (BrokenFile refused) {
            return Optional.empty();
        } finally {
            place.in().removeAll();
            order.forEach(field -> place.in().set(field.getKey(), field.getValue()));
            place.in().set(place.field(), value);
        }
    }

    private static void compare(String path, Assessment before, Assessment after, List<String> better) {
        for (Stop stop : Stop.values()) {
            var was = before.progress(stop);
            var is = after.progress(stop);
            if (WELL.contains(is.mark()) && !WELL.contains(was.mark())) {
                better.add("%s: %s is %s, was %s".formatted(path, stop, is.mark(), was.mark()));
            }
            if (is.done() > was.done()) {
                better.add("%s: %s %d of %d, was %d of %d"
                        .formatted(path, stop, is.done(), is.of(), was.done(), was.of()));
            }
        }
        for (PointResult point : before.points()) {
            after.point(point.pointId()).ifPresent(other -> {
                for (Link link : Link.values()) {
                    Mark was = point.chain().of(link).mark();
                    Mark is = other.chain().of(link).mark();
                    if (WELL.contains(is) && !WELL.contains(was)) {
                        better.add("%s: %s of %s is %s, was %s".formatted(path, link, point.pointId(), is, was));
                    }
                }
            });
        }
    }
}
