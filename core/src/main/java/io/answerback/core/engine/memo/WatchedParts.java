package io.answerback.core.engine.memo;

import io.answerback.core.model.cable.Cable;
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
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Bus;
import io.answerback.core.model.site.Communicator;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Lookup;
import io.answerback.core.model.site.Measurement;
import io.answerback.core.model.site.Panel;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.Part;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.Proof;
import io.answerback.core.model.site.Radio;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.model.site.Site;
import io.answerback.core.model.site.Zone;
import java.util.List;
import java.util.Optional;

/// The parts of a job, with word of everything that is read of them.
abstract class WatchedParts implements Parts {
    private final Job job;

    WatchedParts(Job job) {
        this.job = job;
    }

    /// A part is read as a whole.
    abstract void read(Part part);

    /// One thing is looked for in a part.
    ///
    /// @param found null where there is none
    abstract void lookedUp(Lookup lookup, Object key, Object found);

    private <T> List<T> lookedUp(Lookup lookup, Object key, List<T> found) {
        lookedUp(lookup, key, (Object) found);
        return found;
    }

    private <T> Optional<T> lookedUp(Lookup lookup, Object key, Optional<T> found) {
        lookedUp(lookup, key, (Object) found.orElse(null));
        return found;
    }

    @Override
    public Site site() {
        read(Part.SITE);
        return job.site();
    }

    @Override
    public Practice practice() {
        read(Part.PRACTICE);
        return job.practice();
    }

    @Override
    public Panel panel() {
        read(Part.PANEL);
        return job.panel();
    }

    @Override
    public List<PanelModule> modules() {
        read(Part.MODULES);
        return job.modules();
    }

    @Override
    public List<Area> areas() {
        read(Part.AREAS);
        return job.areas();
    }

    @Override
    public List<Point> points() {
        read(Part.POINTS);
        return job.points();
    }

    @Override
    public List<Cable> cables() {
        read(Part.CABLES);
        return job.cables();
    }

    @Override
    public List<Input> inputs() {
        read(Part.INPUTS);
        return job.inputs();
    }

    @Override
    public List<Zone> zones() {
        read(Part.ZONES);
        return job.zones();
    }

    @Override
    public Communicator communicator() {
        read(Part.COMMUNICATOR);
        return job.communicator();
    }

    @Override
    public List<Receiver> receivers() {
        read(Part.RECEIVERS);
        return job.receivers();
    }

    @Override
    public List<Proof> proofs() {
        read(Part.PROOFS);
        return job.proofs();
    }

    @Override
    public List<Measurement> measurements() {
        read(Part.MEASUREMENTS);
        return job.measurements();
    }

    @Override
    public Power power() {
        read(Part.POWER);
        return job.power();
    }

    @Override
    public Bus bus() {
        read(Part.BUS);
        return job.bus();
    }

    @Override
    public Radio radio() {
        read(Part.RADIO);
        return job.radio();
    }

    @Override
    public PanelProgramming setup() {
        read(Part.SETUP);
        return job.setup();
    }

    @Override
    public Acceptance acceptance() {
        read(Part.ACCEPTANCE);
        return job.acceptance();
    }

    @Override
    public SiteService service() {
        read(Part.SERVICE);
        return job.service();
    }

    @Override
    public Optional<Point> point(PointId id) {
        return lookedUp(Lookup.POINT, id, job.point(id));
    }

    @Override
    public Optional<Cable> cable(CableId id) {
        return lookedUp(Lookup.CABLE, id, job.cable(id));
    }

    @Override
    public Optional<Cable> cableTo(PointId pointId) {
        return lookedUp(Lookup.CABLE_TO_POINT, pointId, job.cableTo(pointId));
    }

    @Override
    public List<Cable> cablesTo(EndId farEnd) {
        return lookedUp(Lookup.CABLES_TO, farEnd, job.cablesTo(farEnd));
    }

    @Override
    public List<Cable> cablesFrom(Optional<BoxId> place) {
        return lookedUp(Lookup.CABLES_FROM, place, job.cablesFrom(place));
    }

    @Override
    public Optional<Input> input(InputId id) {
        return lookedUp(Lookup.INPUT, id, job.input(id));
    }

    @Override
    public Optional<Input> inputOf(PointId pointId) {
        return lookedUp(Lookup.INPUT_OF_POINT, pointId, job.inputOf(pointId));
    }

    @Override
    public Optional<Zone> zone(int number) {
        return lookedUp(Lookup.ZONE, number, job.zone(number));
    }

    @Override
    public Optional<PanelModule> module(ModuleId id) {
        return lookedUp(Lookup.MODULE, id, job.module(id));
    }

    @Override
    public Optional<Area> area(int number) {
        return lookedUp(Lookup.AREA, number, job.area(number));
    }

    @Override
    public Optional<Receiver> receiver(ReceiverId id) {
        return lookedUp(Lookup.RECEIVER, id, job.receiver(id));
    }

    @Override
    public Optional<Proof> proofOf(PointId pointId) {
        return lookedUp(Lookup.PROOF_OF_POINT, pointId, job.proofOf(pointId));
    }
}
