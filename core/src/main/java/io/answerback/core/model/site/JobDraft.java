package io.answerback.core.model.site;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.Keyed;
import io.answerback.core.model.common.Unchanged;
import io.answerback.core.model.power.Power;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.service.SiteService;
import io.answerback.core.model.shown.Acceptance;
import java.util.List;

/// A job while one of its parts is being exchanged. What comes out equal stays the object it was, so that what
/// was computed from it holds.
final class JobDraft {
    private final Job before;
    Site site;
    Practice practice;
    Panel panel;
    List<PanelModule> modules;
    List<Area> areas;
    List<Point> points;
    List<Cable> cables;
    List<Input> inputs;
    List<Zone> zones;
    Communicator communicator;
    List<Receiver> receivers;
    List<Proof> proofs;
    List<Measurement> measurements;
    Power power;
    Bus bus;
    Radio radio;
    PanelProgramming setup;
    Acceptance acceptance;
    SiteService service;

    JobDraft(Job job) {
        before = job;
        site = job.site();
        practice = job.practice();
        panel = job.panel();
        modules = job.modules();
        areas = job.areas();
        points = job.points();
        cables = job.cables();
        inputs = job.inputs();
        zones = job.zones();
        communicator = job.communicator();
        receivers = job.receivers();
        proofs = job.proofs();
        measurements = job.measurements();
        power = job.power();
        bus = job.bus();
        radio = job.radio();
        setup = job.setup();
        acceptance = job.acceptance();
        service = job.service();
    }

    Job made() {
        return new Job(
                Unchanged.value(before.site(), site),
                Unchanged.value(before.practice(), practice),
                Unchanged.value(before.panel(), panel),
                Keyed.after(before.modules(), modules),
                Keyed.after(before.areas(), areas),
                Keyed.after(before.points(), points),
                Keyed.after(before.cables(), cables),
                Keyed.after(before.inputs(), inputs),
                Keyed.after(before.zones(), zones),
                Unchanged.value(before.communicator(), communicator),
                Keyed.after(before.receivers(), receivers),
                Keyed.after(before.proofs(), proofs),
                Keyed.after(before.measurements(), measurements),
                Unchanged.value(before.power(), power),
                Unchanged.value(before.bus(), bus),
                Unchanged.value(before.radio(), radio),
                Unchanged.value(before.setup(), setup),
                Unchanged.value(before.acceptance(), acceptance),
                Unchanged.value(before.service(), service));
    }
}
