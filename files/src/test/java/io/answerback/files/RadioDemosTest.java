package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import io.answerback.core.assess.Assessor;
import io.answerback.core.loop.radio.RadioState;
import io.answerback.core.loop.radio.Sender;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Capacity;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Panel;
import io.answerback.core.model.site.Point;
import io.answerback.core.survey.capacity.ConverterChoice;
import io.answerback.files.demo.DemoJobs;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// Converters for wireless devices in the demos, and devices that were enrolled in the wrong order.
class RadioDemosTest {
    @Test
    void theConverterOfTheOtherBandIsRefusedAndTheOtherTakesWhatItReads() {
        Job job = DemoJobs.job(3);
        ConverterChoice choice = new Assessor(DataFiles.events()).assess(job).get(ConverterChoice.FACT);
        assertThat(choice.zones())
                .extracting(Point::id)
                .containsExactly(
                        new PointId("04"),
                        new PointId("05"),
                        new PointId("06"),
                        new PointId("07"),
                        new PointId("08"),
                        new PointId("09"));
        ConverterChoice.Offer first = choice.offers().getFirst();
        assertThat(first.kind().inputs()).isEqualTo(12);
        assertThat(first.boxes()).isEqualTo(1);
        assertThat(first.radioZones()).isEqualTo(12);
        // the button closes across its resistor, which the converter does not read
        assertThat(first.taken())
                .extracting(Point::id)
                .containsExactly(
                        new PointId("04"), new PointId("05"), new PointId("07"), new PointId("08"), new PointId("09"));
        assertThat(first.against()).singleElement().asString().startsWith("06 Desk hold-up: it does not read");
        assertThat(first.work())
                .hasSize(3)
                .allMatch(
                        work -> work.endsWith("at the end of the line in place of %s.".formatted(Figures.ohms(3300))));
        ConverterChoice.Offer second = choice.offers().getLast();
        assertThat(second.refused()).isTrue();
        assertThat(second.against()).containsExactly("It speaks band Q; this panel hears band P: it is never heard.");
    }

    @Test
    void aConverterUsesUpNoMoreWirelessZonesThanThereAre() {
        Job job = DemoJobs.job(3);
        PanelProfile profile = job.panel().profile();
        Capacity few = new Capacity(27, 3, 32, 6, 4, 0);
        PanelProfile small = new PanelProfile(
                profile.id(),
                profile.name(),
                profile.pullUpVolts(),
                profile.pullUpOhms(),
                profile.entrySeconds(),
                profile.schemes(),
                few,
                profile.radioBand(),
                profile.modules(),
                Optional.empty(),
                Optional.empty(),
                profile.setup(),
                profile.manners());
        Job tight = job.withPanel(new Panel("Panel", small));
        ConverterChoice choice = new Assessor(DataFiles.events()).assess(tight).get(ConverterChoice.FACT);
        assertThat(choice.offers().getFirst().enough()).isFalse();
        assertThat(choice.offers().getFirst().against())
                .contains("Their inputs use up 12 of the panel's wireless zones; 3 are left.");
    }

    @Test
    void twoConvertersOfAKindThatAllowsItShareABox() {
        Job job = DemoJobs.job(3);
        List<Point> points = new ArrayList<>(job.points());
        for (int id = 21; id <= 27; id++) {
            points.add(job.point(new PointId("05")).orElseThrow().withId(new PointId(String.valueOf(id))));
        }
        ConverterChoice.Offer first = new Assessor(DataFiles.events())
                .assess(job.withPoints(points))
                .get(ConverterChoice.FACT)
                .offers()
                .getFirst();
        // 11 ordinary inputs each: 4 and 7 more than one of them has with its smoke input kept
        assertThat(first.taken()).hasSize(12);
        assertThat(first.count()).isEqualTo(1);
        for (int id = 28; id <= 30; id++) {
            points.add(job.point(new PointId("05")).orElseThrow().withId(new PointId(String.valueOf(id))));
        }
        ConverterChoice.Offer second = new Assessor(DataFiles.events())
                .assess(job.withPoints(points))
                .get(ConverterChoice.FACT)
                .offers()
                .getFirst();
        assertThat(second.taken()).hasSize(15);
        assertThat(second.count()).isEqualTo(2);
        assertThat(second.boxes()).isEqualTo(1);
    }

    @Test
    void theGallerysDevicesWereEnrolledTheWrongWayRound() throws Exception {
        Job job = DemoJobs.job(3);
        RadioState radio = new Assessor(DataFiles.events()).assess(job).get(RadioState.FACT);
        // zone 4 is the second zone of input 1: the panel gives 05 to the first device, 06 to the second
        assertThat(radio.senders())
                .extracting(Sender::pointId, sender -> sender.input().zone(), Sender::order, Sender::outOfPlace)
                .containsExactly(
                        tuple(new PointId("11"), 5, 2, true),
                        tuple(new PointId("12"), 6, 1, true),
                        tuple(new PointId("13"), 7, 0, false));
        assertThat(radio.of(new PointId("12")).orElseThrow().overFloorDecibels())
                .contains(7.0);
        assertThat(JobCodec.read(JobCodec.write(JobDocument.of(job)), "radio")
                        .job()
                        .radio())
                .isEqualTo(job.radio());
    }
}
