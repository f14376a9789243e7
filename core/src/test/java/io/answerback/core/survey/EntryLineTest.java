package io.answerback.core.survey;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Job;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallKinds;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EntryLineTest {
    private final Job job = SmallJob.job();
    private final EntryLine line = new EntryLine(SmallKinds.CATALOGUE, job, Optional.empty());

    /// As it would be told: number, name, kind, type, area, metres, way in.
    private static String told(PointDraft point) {
        return "%s %s | %s | %s | %s | %s | %s"
                .formatted(
                        point.id(),
                        point.name(),
                        point.kind().map(PointKind::id).orElse("?"),
                        point.type().map(ZoneType::words).orElse("?"),
                        point.area()
                                .map(place -> place.number() + " " + place.name() + (place.fresh() ? "!" : ""))
                                .orElse("?"),
                        point.metres().map(String::valueOf).orElse("-"),
                        point.wayIn() ? "way in" : "-");
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            roller door dock 2, contact, back, immediate; 04 Roller door dock 2 | door-contact | immediate | 2 Back | - | -
            pir reception entry route;                    04 Reception movement | movement | entry route | 1 Front | - | -
            pir corridor in back;                         04 Corridor movement | movement | immediate | 2 Back | - | -
            main entrance;                                04 Main entrance | door-contact | entry/exit | 1 Front | - | way in
            side door, contact, entry/exit;               04 Side door | door-contact | entry/exit | 1 Front | - | way in
            desk button back 12 m;                        04 Desk hold-up | hold-up-button | hold-up | 2 Back | 12.0 | -
            rear side door contact press hall immediate 45 m; 04 Rear side door | door-contact | immediate | 3 Press hall! | 45.0 | -
            yard door immediate back 12 m;                04 Yard door | door-contact | immediate | 2 Back | 12.0 | -
            rear side door reed 45 m back immediate;      04 Rear side door | door-contact | immediate | 2 Back | 45.0 | -
            store pir 12.5 metres;                        04 Store movement | movement | immediate | 1 Front | 12.5 | -
            office window contact in back;                04 Office window | window-contact | immediate | 2 Back | - | -
            7 yard gate, contact, yard, 62,5 m;           07 Yard gate | door-contact | immediate | 3 Yard! | 62.5 | -
            kitchen window, reed, area 2;                 04 Kitchen window | window-contact | immediate | 2 Back | - | -
            kitchen gas alarm, 2, gas, 30m;               04 Kitchen gas alarm | gas-alarm | gas | 2 Back | 30.0 | -
            store pir thirty metres;                      04 Store movement | movement | immediate | 1 Front | 30.0 | -
            store pir a hundred and twenty five metres;   04 Store movement | movement | immediate | 1 Front | 125.0 | -
            store pir 40 ft;                              04 Store movement | movement | immediate | 1 Front | 12.2 | -
            store pir 12,5 metres;                        04 Store movement | movement | immediate | 1 Front | 12.5 | -
            door 3 contact in the warehouse;              04 Door 3 | door-contact | immediate | 3 Warehouse! | - | -
            hall pir inhibited on entry;                  04 Hall movement | movement | entry route | 1 Front | - | -
            hall pir, follows entry;                      04 Hall pir | movement | entry route | 1 Front | - | -
            front door 2, immediate, way in;              04 Front door 2 | door-contact | immediate | 1 Front | - | way in
            """)
    void readsALineAsItWouldBeSaid(String typed, String told) {
        PointDraft point = line.read(typed);
        assertThat(told(point)).isEqualTo(told.strip());
        assertThat(point.problems()).isEmpty();
    }

    @Test
    void whatNobodySaidIsAssumedAndNoted() {
        PointDraft point = line.read("store movement");
        assertThat(point.assumed())
                .containsExactlyInAnyOrder(PointDraft.Part.NUMBER, PointDraft.Part.TYPE, PointDraft.Part.AREA);
        assertThat(line.read("9 store, movement, back, entry route").assumed()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            '';                                     give it a name
            something;                              say what it is, such as contact or movement
            2 second door;                          point 02 is there already
            yard door, contact, yard, pond;         "pond" is not understood
            hall pir, exit follower;                "exit follower" sounds like what a zone does, not like an area. For an area write "area exit follower"
            yard door contact blue back 12 m;       "blue" is not understood
            yard door contact yard 12 m pond;       "pond" is not understood
            yard door, 12000 m;                     a cable is at most 10 km
            """)
    void saysWhatIsMissing(String typed, String problem) {
        assertThat(line.read(typed).problems()).contains(problem);
        assertThat(line.read(typed).complete()).isFalse();
    }

    @Test
    void theAreaOfTheSelectedPointIsTheUsualOne() {
        var inBack = new EntryLine(SmallKinds.CATALOGUE, job, Optional.of(2));
        assertThat(inBack.read("store door").area().orElseThrow().number()).isEqualTo(2);
    }

    @Test
    void anAreaThatTheNameSpeaksOfIsTaken() {
        Job named = job.withAreas(List.of(new Area(1, "Front", ""), new Area(5, "Cold store", "")));
        var reader = new EntryLine(SmallKinds.CATALOGUE, named, Optional.of(1));
        assertThat(reader.read("cold store door").area().orElseThrow().number()).isEqualTo(5);
    }

    @Test
    void offersHowTheWordAtTheEndMayGoOn() {
        assertThat(line.completions("yard door, con")).isEmpty();
        assertThat(line.completions("yard door, ba")).containsExactly("yard door, Back");
        assertThat(line.completions("yard door, door contact, i"))
                .containsExactly("yard door, door contact, immediate");
        assertThat(line.completions("bac")).isEmpty();
    }

    @Property
    void anyTextIsReadWithoutFailing(@ForAll String typed) {
        PointDraft point = line.read(typed);
        assertThat(point.complete()).isEqualTo(point.problems().isEmpty());
        assertThat(line.completions(typed))
                .allMatch(completion -> completion.startsWith(typed.substring(0, typed.lastIndexOf(',') + 1)));
    }
}
