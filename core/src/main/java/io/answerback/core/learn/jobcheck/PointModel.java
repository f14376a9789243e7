package io.answerback.core.learn.jobcheck;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.loop.BandChart;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.loop.fault.FaultyLoop;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Zone;
import io.answerback.core.panel.PanelReducer;
import io.answerback.core.report.OperatorsList;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import java.util.Optional;

/// Works out what each check of a point shows under each slip.
///
/// @param job the site as planned
/// @param wired the point with its loop, input and zone; all of them are there
/// @param events the words for events
/// @param wrongOhms the value of a wrong end-of-line resistor, in ohms
record PointModel(Job job, WiredPoint wired, EventTable events, double wrongOhms) {

    String name() {
        return wired.point().id() + " " + wired.point().name();
    }

    String order(Look look) {
        return switch (look) {
            case WALK ->
                Text.of(
                        "%s: %s, and see what the station prints",
                        name(), wired.point().kind().words().act());
            case READ -> Text.of("%s: lift the cores and read the loop, at rest and active", name());
            case ENTRY -> Text.of("%s: read back what is typed for zone %d", name(), zone().number());
        };
    }

    Zone zone() {
        return wired.zone().orElseThrow();
    }

    private FittedLoop loop() {
        return wired.fitted().orElseThrow();
    }

    /// Whether the loop can have it at all.
    boolean possible(Slip slip) {
        return slip.cause() == Slip.NONE.cause() || new FaultyLoop(loop()).possible(slip.cause());
    }

    /// What a check shows under a slip.
    String shows(Look look, Slip slip) {
        return switch (look) {
            case WALK -> walked(slip);
            case READ ->
                Text.of(
                        "at rest %s (should be %s), active %s (should be %s)",
                        figure(slip, MeasurementSetup.AT_REST),
                        figure(Slip.NONE, MeasurementSetup.AT_REST),
                        figure(slip, MeasurementSetup.ACTIVE),
                        figure(Slip.NONE, MeasurementSetup.ACTIVE));
            case ENTRY -> typed(slip);
        };
    }

    private double ohms(Slip slip, MeasurementSetup setup) {
        double value = slip == Slip.RESISTOR ? wrongOhms : DeviceState.AT_REST.ordinal();
        return new FaultyLoop(loop())
                .of(slip.cause(), value, false, setup)
                .range()
                .nominalOhms();
    }

    private String figure(Slip slip, MeasurementSetup setup) {
        double ohms = ohms(slip, setup);
        return Double.isInfinite(ohms) ? "open" : Figures.ohms(ohms);
    }

    private Optional<Meaning> reads(Slip slip, MeasurementSetup setup) {
        return wired.model()
                .reads(loop().wiring().scheme())
                .map(bands -> BandChart.of(bands, wired.model()))
                .flatMap(chart -> chart.reads(ohms(slip, setup)));
    }

    private String walked(Slip slip) {
        String before = reads(slip, MeasurementSetup.AT_REST)
                .filter(Meaning.NORMAL::equals)
                .map(normal -> "")
                .orElse("The zone was not at rest before. ");
        boolean alarm = reads(slip, MeasurementSetup.ACTIVE)
                .filter(Meaning.ALARM::equals)
                .isPresent();
        return before + (alarm ? sent(slip).map(this::line).orElse("No line comes") : "No line comes");
    }

    private Optional<Signal> sent(Slip slip) {
        Job now = as(slip);
        return now.zone(zone().number()).flatMap(its -> new PanelReducer(now).zoneSignal(its, Qualifier.NEW));
    }

    private String line(Signal signal) {
        return Text.of(
                "The line: %s, area %s, zone %s",
                new OperatorsList(job, events.in(Terms.of(job.practice()))).line(signal),
                signal.areaDigits(),
                signal.zoneDigits());
    }

    /// The site as it is programmed under a slip.
    private Job as(Slip slip) {
        int number = zone().number();
        return switch (slip) {
            case TYPE -> Edits.zoneType(number, otherType()).on(job);
            case AREA -> Edits.zoneArea(number, Optional.of(otherArea())).on(job);
            case OFF -> Edits.zoneType(number, ZoneType.NOT_USED).on(job);
            case NONE, RESISTOR, LOOSE, STUCK -> job;
        };
    }

    private ZoneType otherType() {
        return zone().type() == ZoneType.IMMEDIATE ? ZoneType.ENTRY_EXIT : ZoneType.IMMEDIATE;
    }

    private int otherArea() {
        int own = zone().area().orElse(1);
        return job.areas().stream()
                .map(area -> area.number())
                .filter(number -> number != own)
                .findFirst()
                .orElse(own);
    }

    private String typed(Slip slip) {
        Zone now = as(slip).zone(zone().number()).orElseThrow();
        return Text.of(
                "typed: %s, area %s (planned: %s, area %s)",
                now.type().words(), area(now), zone().type().words(), area(zone()));
    }

    private static String area(Zone zone) {
        return zone.area().map(number -> Text.of("%02d", number)).orElse("none");
    }
}
