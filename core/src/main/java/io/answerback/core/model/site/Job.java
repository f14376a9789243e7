package io.answerback.core.model.site;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.Keyed;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.EndId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.power.Power;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.service.SiteService;
import io.answerback.core.model.shown.Acceptance;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/// The whole site: everything that was surveyed, wired, programmed and proven. Never changes; an edit makes
/// another.
///
/// @param site where it is
/// @param practice the firm's house rules
/// @param panel the panel and what its make expects
/// @param modules what brings inputs and keys to the panel, its own board first
/// @param areas parts of the building, by number
/// @param points what is watched, in the order of the list
/// @param cables what runs between boxes, joint boxes and devices
/// @param inputs every supervised input there is, used or not
/// @param zones every zone as programmed
/// @param communicator the unit that carries events out
/// @param receivers the station's receivers, in the order in which they are tried
/// @param proofs what was answered; at most one a point
/// @param measurements what was measured, oldest first
/// @param power what holds it up when the mains fails
/// @param bus what is on the keypad bus
/// @param radio what the panel hears by radio
/// @param setup what was decided about how the panel shall behave, and how far it has been typed
/// @param acceptance what of it was shown
/// @param service who was there, what for, and what was handed over
@RecordBuilder
public record Job(
        Site site,
        Practice practice,
        Panel panel,
        List<PanelModule> modules,
        List<Area> areas,
        List<Point> points,
        List<Cable> cables,
        List<Input> inputs,
        List<Zone> zones,
        Communicator communicator,
        List<Receiver> receivers,
        List<Proof> proofs,
        List<Measurement> measurements,
        Power power,
        Bus bus,
        Radio radio,
        PanelProgramming setup,
        Acceptance acceptance,
        SiteService service)
        implements Parts, JobBuilder.With {
    /// @throws IllegalArgumentException when a part is missing, two share an id, or one refers to what is not there
    public Job {
        JobParts.requireGiven(site, practice, panel, communicator);
        modules = Keyed.of(modules, PanelModule::id, "modules", "module");
        areas = Keyed.of(areas, Area::number, "areas", "area");
        points = Keyed.of(points, Point::id, "points", "point");
        cables = Keyed.of(cables, Cable::id, "cables", "cable");
        inputs = JobParts.used(inputs, modules, panel.profile());
        zones = Keyed.of(zones, Zone::number, "zones", "zone");
        receivers = Keyed.of(receivers, Receiver::id, "receivers", "receiver");
        proofs = Keyed.of(proofs, Proof::pointId, "proofs", "proof of point");
        measurements = List.copyOf(measurements == null ? List.of() : measurements);
        power = power == null ? Power.UNDECIDED : power;
        bus = bus == null ? Bus.UNDECIDED : bus;
        radio = radio == null ? Radio.UNDECIDED : radio;
        setup = setup == null ? PanelProgramming.UNDECIDED : setup;
        acceptance = acceptance == null ? Acceptance.NOTHING : acceptance;
        service = service == null ? SiteService.NOTHING : service;
        JobParts.require(keyed(points), measurements, keyed(modules), keyed(cables), keyed(inputs));
    }

    @Override
    public Optional<Point> point(PointId id) {
        return keyed(points).find(id);
    }

    @Override
    public Optional<Cable> cable(CableId id) {
        return keyed(cables).find(id);
    }

    @Override
    public Optional<Cable> cableTo(PointId pointId) {
        return keyed(cables).first(JobParts.POINTS_OF_CABLE, pointId);
    }

    @Override
    public List<Cable> cablesTo(EndId farEnd) {
        return keyed(cables).all(JobParts.FAR_END_OF_CABLE, farEnd);
    }

    @Override
    public List<Cable> cablesFrom(Optional<BoxId> place) {
        return keyed(cables).all(JobParts.BEGINNING_OF_CABLE, place);
    }

    @Override
    public Optional<Input> input(InputId id) {
        return keyed(inputs).find(id);
    }

    @Override
    public Optional<Input> inputOf(PointId pointId) {
        return keyed(inputs).first(JobParts.POINT_OF_INPUT, pointId);
    }

    @Override
    public Optional<Zone> zone(int number) {
        return keyed(zones).find(number);
    }

    @Override
    public Optional<PanelModule> module(ModuleId id) {
        return keyed(modules).find(id);
    }

    @Override
    public Optional<Area> area(int number) {
        return keyed(areas).find(number);
    }

    @Override
    public Optional<Receiver> receiver(ReceiverId id) {
        return keyed(receivers).find(id);
    }

    @Override
    public Optional<Proof> proofOf(PointId pointId) {
        return keyed(proofs).find(pointId);
    }

    /// The constructor has made every such list one.
    private static <T> Keyed<T> keyed(List<T> list) {
        return (Keyed<T>) list;
    }
}
