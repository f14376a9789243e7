package io.answerback.core.prove.simulation;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.loop.CaseReading;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.SystemPoint;
import io.answerback.core.model.site.Zone;
import io.answerback.core.panel.Effect;
import io.answerback.core.panel.PanelInput;
import io.answerback.core.panel.PanelReducer;
import io.answerback.core.panel.PanelState;
import io.answerback.core.panel.PanelStep;
import io.answerback.core.prove.chain.LinkState;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Signal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Tries points of a job against a panel programmed as the job says.
///
/// @param job the site
/// @param events the event table, for words
public record PointSimulation(Parts job, EventTable events) {
    /// Makes a point active, or brings it back to rest. An entry time that this starts is waited out in the
    /// panel's own time, without waiting here.
    ///
    /// @param point the point as computed
    /// @param active whether it becomes active
    /// @param panel what the panel remembers
    /// @param now when
    public Outcome act(PointResult point, boolean active, PanelState panel, Instant now) {
        return point.wired()
                .map(wired -> wiredPoint(point, wired, active, panel, now))
                .orElseGet(() -> systemPoint(point, active, panel, now));
    }

    private Outcome systemPoint(PointResult point, boolean active, PanelState panel, Instant now) {
        SystemPoint system = SystemPoint.of(point.pointId()).orElseThrow();
        PanelStep step = new PanelReducer(job).step(panel, new PanelInput.SystemChanges(system, active), now);
        List<LinkState> links = new ArrayList<>();
        links.add(
                new LinkState(Link.POINT, Mark.SOUND, point.name(), active ? system.activeWord() : system.restWord()));
        links.addAll(point.chain().links().subList(Link.LOOP.ordinal(), Link.EVENT.ordinal()));
        return outcome(step, links, Link.EVENT);
    }

    private Outcome wiredPoint(PointResult point, WiredPoint wired, boolean active, PanelState panel, Instant now) {
        List<LinkState> links = new ArrayList<>();
        String word = active
                ? wired.point().kind().words().activeWord()
                : wired.point().kind().words().restWord();
        links.add(new LinkState(Link.POINT, Mark.SOUND, point.name(), word));
        if (wired.wireless()) {
            return byRadio(point, wired, active, panel, now, links);
        }
        Optional<CaseReading> reading =
                wired.loop().map(loop -> loop.of(active ? LoopCase.sound(wired.active()) : LoopCase.AT_REST));
        if (reading.isEmpty() || wired.input().isEmpty()) {
            Link missing = reading.isEmpty() ? Link.LOOP : Link.INPUT;
            links.addAll(point.chain().links().subList(Link.LOOP.ordinal(), missing.ordinal() + 1));
            return new Outcome(
                    panel,
                    links,
                    List.of(),
                    Optional.of(missing),
                    point.chain().of(missing).line());
        }
        CaseReading seen = reading.get();
        links.add(loop(seen));
        links.add(new LinkState(
                Link.INPUT,
                Mark.SOUND,
                point.chain().of(Link.INPUT).figure(),
                Figures.volts(wired.model().volts(seen.range().nominalOhms())) + " across it"));
        links.add(zone(point, wired.zone(), panel));
        return outcome(stepped(wired, seen.reads(), panel, now), links, Link.ZONE);
    }

    /// A device that sends itself says what it is; whether the panel hears it is the panel's affair.
    private Outcome byRadio(
            PointResult point, WiredPoint wired, boolean active, PanelState panel, Instant now, List<LinkState> links) {
        links.addAll(point.chain().links().subList(Link.LOOP.ordinal(), Link.INPUT.ordinal() + 1));
        if (wired.input().isEmpty()) {
            return new Outcome(
                    panel,
                    links,
                    List.of(),
                    Optional.of(Link.INPUT),
                    point.chain().of(Link.INPUT).line());
        }
        links.add(zone(point, wired.zone(), panel));
        Meaning says = active ? Meaning.ALARM : Meaning.NORMAL;
        return outcome(stepped(wired, Optional.of(says), panel, now), links, Link.ZONE);
    }

    private PanelStep stepped(WiredPoint wired, Optional<Meaning> seen, PanelState panel, Instant now) {
        InputId input = wired.input().orElseThrow().id();
        Optional<Meaning> reads = seen.map(meaning -> meaning.toZone(wired.second()));
        return new PanelReducer(job).stepToTheEnd(panel.calm(), new PanelInput.InputReads(input, reads), now);
    }

    private static LinkState loop(CaseReading seen) {
        String reads = seen.reads().map(Meaning::word).orElse("between bands");
        Mark mark = seen.safe() ? Mark.SOUND : Mark.WRONG;
        return new LinkState(
                Link.LOOP,
                mark,
                Figures.ohms(seen.range().nominalOhms()),
                seen.safe() ? reads + ", " + Figures.percent(seen.margin()) + " inside" : "reads " + reads);
    }

    private LinkState zone(PointResult point, Optional<Zone> zone, PanelState panel) {
        LinkState planned = point.chain().of(Link.ZONE);
        return zone.flatMap(Zone::area)
                .map(area -> new LinkState(
                        Link.ZONE,
                        planned.mark(),
                        planned.figure(),
                        Text.of("area %02d · %s", area, areaWord(area, panel))))
                .orElse(planned);
    }

    private String areaWord(int area, PanelState panel) {
        return panel.setAreas().contains(area)
                ? Terms.of(job.practice()).set()
                : Terms.of(job.practice()).unset();
    }

    private Outcome outcome(PanelStep step, List<LinkState> links, Link stop) {
        List<Signal> signals = step.signals();
        if (signals.isEmpty()) {
            return new Outcome(step.state(), links, signals, Optional.of(stop), why(step));
        }
        Signal sent = signals.getLast();
        String entered =
                step.effects().stream().anyMatch(Effect.EntryStarted.class::isInstance) ? " · entry time ran out" : "";
        links.add(new LinkState(
                Link.EVENT,
                Mark.SOUND,
                sent.event() + " " + events.in(Terms.of(job.practice())).words(sent.event()) + ", "
                        + sent.qualifier().words(),
                "#" + sent.account() + " · " + sent.areaDigits() + " · " + sent.zoneDigits() + entered));
        return new Outcome(step.state(), links, signals, Optional.empty(), "");
    }

    private static String why(PanelStep step) {
        return step.effects().stream()
                .filter(Effect.Silent.class::isInstance)
                .map(effect -> ((Effect.Silent) effect).why())
                .findFirst()
                .orElse("nothing new to report");
    }
}
