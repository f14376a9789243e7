package io.answerback.core.site;

import io.answerback.core.cable.Cable;
import io.answerback.core.practice.Practice;
import java.util.List;

/// A job while one of its parts is being exchanged.
final class JobDraft {
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
    final List<Receiver> receivers;
    List<Proof> proofs;
    List<Measurement> measurements;
    Power power;
    Bus bus;
    Radio radio;
    Setup setup;

    JobDraft(Job job) {
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
    }

    Job made() {
        return new Job(
                site,
                practice,
                panel,
                modules,
                areas,
                points,
                cables,
                inputs,
                zones,
                communicator,
                receivers,
                proofs,
                measurements,
                power,
                bus,
                radio,
                setup);
    }
}
