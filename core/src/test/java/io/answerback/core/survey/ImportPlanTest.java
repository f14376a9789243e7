package io.answerback.core.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallKinds;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ImportPlanTest {
    private static final List<String> HEADINGS =
            List.of("No.", "Location", "Device type", "Function", "Partition", "Entrance", "Length");

    private final Job job = SmallJob.job();

    private static PointTable table(String... rows) {
        return new PointTable(
                HEADINGS,
                IntStream.range(0, rows.length)
                        .mapToObj(i -> new PointTable.Row(i + 2, Arrays.asList(rows[i].split(",", -1))))
                        .toList());
    }

    private ImportPlan plan(String... rows) {
        return ImportPlan.of(job, SmallKinds.CATALOGUE, table(rows), ColumnMatch.of(HEADINGS));
    }

    @Test
    void headingsAreMatchedByWhatPeopleCallThem() {
        ColumnMatch match =
                ColumnMatch.of(List.of("Zone", "Zone name", "zone_type", "remarks", "Partition:", "CABLE LENGTH"));
        assertThat(match.place(PointColumn.NUMBER)).contains(0);
        assertThat(match.place(PointColumn.NAME)).contains(1);
        assertThat(match.place(PointColumn.TYPE)).contains(2);
        assertThat(match.place(PointColumn.AREA)).contains(4);
        assertThat(match.place(PointColumn.METRES)).contains(5);
        assertThat(match.place(PointColumn.KIND)).isEmpty();
    }

    @Test
    void aColumnCanBeMatchedOtherwiseAndIsThenNothingElse() {
        ColumnMatch match = ColumnMatch.of(HEADINGS).with(PointColumn.KIND, Optional.of(1));
        assertThat(match.place(PointColumn.KIND)).contains(1);
        assertThat(match.place(PointColumn.NAME)).isEmpty();
        assertThat(match.missing())
                .hasValueSatisfying(missing -> assertThat(missing).contains("No column is the name"));
        assertThatThrownBy(() -> ImportPlan.of(job, SmallKinds.CATALOGUE, table("4,x,,,,,"), match))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("No column is the name");
    }

    @Test
    void goodRowsBecomePointsInOneStep() {
        ImportPlan plan = plan(
                "10,Yard gate,contact,immediate,Yard,,48",
                "11,Yard,pir,entry route,Yard,no,\"44 m\"".replace("\"", ""),
                ",Lobby door,contact,,Front,yes,");
        assertThat(plan.bad()).isEmpty();
        Job next = plan.edit(SmallJob.THIN).on(job);
        assertThat(next.points().subList(3, 6))
                .extracting(Point::id)
                .containsExactly(new PointId("10"), new PointId("11"), new PointId("12"));
        assertThat(next.area(3).orElseThrow().name()).isEqualTo("Yard");
        assertThat(next.areas()).hasSize(3);
        assertThat(next.cableTo(new PointId("10")).orElseThrow().metres()).isEqualTo(48);
        assertThat(next.cableTo(new PointId("12"))).isEmpty();
        assertThat(next.point(new PointId("12")).orElseThrow().surveyed().type())
                .isEqualTo(ZoneType.ENTRY_EXIT);
        assertThat(next.point(new PointId("12")).orElseThrow().surveyed().wayIn())
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            x7,Gate,contact,,,,;           number "x7" is not a whole number from 1 to 999
            2,Gate,contact,,,,;            point 02 is there already
            4,,contact,,,,;                give it a name
            4,Yard,laser,,,,;              kind "laser" is not known: write door contact
            4,Gate,contact,sometimes,,,;   type "sometimes" is not known: write one of entry/exit
            4,Gate,contact,,,perhaps,;     way in is "perhaps": write yes or no
            4,Gate,contact,,,,far;         cable length "far" is not a number of metres
            4,Gate,contact,,,,0;           cable length "0" is not a number of metres
            4,Gate,contact,,,,20000;       a cable is at most 10 km
            4,=A1&B1,contact,,,,;          the name is a spreadsheet formula, which is never worked out
            4,Gate,contact,,,,,extra;      it has 8 cells, the headings are 7
            """)
    void aBadRowSaysWhyAndStaysOut(String row, String problem) {
        ImportPlan plan = plan("5,Good door,contact,,,,", row);
        assertThat(plan.good()).hasSize(1);
        assertThat(plan.bad()).hasSize(1);
        assertThat(plan.bad().getFirst().line()).isEqualTo(3);
        assertThat(plan.bad().getFirst().point().problems()).anyMatch(said -> said.startsWith(problem));
        assertThat(plan.edit(SmallJob.THIN).on(job).points()).hasSize(4);
    }

    @Test
    void aNumberThatIsThereTwiceNamesTheOtherLine() {
        ImportPlan plan = plan("7,Gate,contact,,,,", "8,Hall door,contact,,,,", "07,Shed door,contact,,,,");
        assertThat(plan.good()).hasSize(2);
        assertThat(plan.bad().getFirst().point().problems())
                .containsExactly("number 07 is on line 2 as well: give one of them another");
    }

    @Test
    void areasOfBadRowsAreNotMade() {
        ImportPlan plan = plan("4,Gate,laser,,Moat,,", "5,Shed door,contact,,Yard,,");
        Job next = plan.edit(SmallJob.THIN).on(job);
        assertThat(next.areas()).extracting(area -> area.name()).containsExactly("Front", "Back", "Yard");
    }
}
