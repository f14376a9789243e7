package io.answerback.core.prove.chain;

import io.answerback.core.engine.finding.Begun;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.loop.CaseReading;
import io.answerback.core.loop.LoopResult;
import io.answerback.core.loop.StateWords;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.loop.radio.Sender;
import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.model.site.SystemPoint;
import io.answerback.core.model.site.Zone;
import io.answerback.core.panel.PanelReducer;
import io.answerback.core.prove.proof.ProofState;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import java.util.List;
import java.util.Optional;

/// Computes the chain of a point from the job, its loop and its proof.
///
/// @param job the site
/// @param events the event table, for words
public record ChainBuilder(Facts job, EventTable events) {
    /// The chain of a zone point.
    ///
    /// @param instead the input the panel monitors in place of its own; empty when it monitors its own
    public Chain of(WiredPoint wired, Optional<Input> instead, ProofState proof) {
        Point point = wired.point();
        Optional<Input> input = wired.input();
        InputModel model = wired.model();
        Optional<Zone> zone = wired.zone();
        Optional<LoopResult> loop = wired.loop();
        Optional<Sender> sender = wired.sender();
        Optional<Signal> signal = zone.flatMap(its -> new PanelReducer(job).zoneSignal(its, Qualifier.NEW));
        RadioLinks radio = new RadioLinks(job.practice().figure(RuleFigure.RADIO_MARGIN_DECIBELS));
        return new Chain(
                point.id(),
                point.name(),
                List.of(
                        new LinkState(
                                Link.POINT,
                                Mark.SOUND,
                                point.name(),
                                point.kind().words().restWord()),
                        point.kind().radio() ? radio.air(sender) : loop(wired),
                        sender.map(its -> radio.input(its, input(input, model, loop)))
                                .orElseGet(() -> input(input, model, loop)),
                        zone(input, instead, zone),
                        event(zone, signal),
                        route(),
                        station(proof)));
    }

    /// The chain of a system point: the panel watches it itself, without a loop, input or zone of its own.
    public Chain of(SystemPoint point, ProofState proof) {
        Optional<Signal> signal = new PanelReducer(job).systemSignal(point, Qualifier.NEW);
        return new Chain(
                point.id(),
                point.title(),
                List.of(
                        new LinkState(Link.POINT, Mark.SOUND, point.title(), point.restWord()),
                        new LinkState(Link.LOOP, Mark.SOUND, "on the board", "watched by the panel itself"),
                        new LinkState(Link.INPUT, Mark.SOUND, "on the board", "no terminals of its own"),
                        new LinkState(Link.ZONE, Mark.SOUND, "system", "not in any area"),
                        signal.map(sent ->
                                        new LinkState(Link.EVENT, Mark.SOUND, eventFigure(sent.event()), address(sent)))
                                .orElse(new LinkState(Link.EVENT, missing(), eventFigure(point.event()), "no account")),
                        route(),
                        station(proof)));
    }

    private LinkState loop(WiredPoint wired) {
        Point point = wired.point();
        InputModel model = wired.model();
        Optional<LoopResult> result = wired.loop();
        if (result.isEmpty()) {
            boolean readable = model.reads(point.loop().scheme()).isPresent();
            return new LinkState(
                    Link.LOOP,
                    readable ? Mark.NOT_DONE : Mark.WRONG,
                    "not known",
                    readable
                            ? "no cable yet"
                            : "its input cannot read a " + point.loop().scheme().words());
        }
        LoopResult loop = result.get();
        CaseReading rest = loop.of(LoopCase.AT_REST);
        String figure = Figures.ohms(rest.range().nominalOhms());
        if (!loop.unsafe().isEmpty()) {
            CaseReading bad = loop.unsafe().getFirst();
            return new LinkState(
                    Link.LOOP,
                    Mark.WRONG,
                    figure,
                    StateWords.of(point, bad) + " reads "
                            + bad.reads().map(Meaning::word).orElse("between bands"));
        }
        boolean tight = loop.leastMargin() < job.practice().leastLoopMargin();
        if (wired.lifeSafety()) {
            return new LinkState(
                    Link.LOOP,
                    tight ? Mark.TIGHT : Mark.NOT_DONE,
                    figure,
                    Text.of("%s inside; computed, not approved", Figures.percent(loop.leastMargin())));
        }
        return new LinkState(
                Link.LOOP,
                tight ? Mark.TIGHT : Mark.SOUND,
                figure,
                Text.of(
                        "%s inside when %s",
                        Figures.percent(loop.leastMargin()), StateWords.of(point, loop.tightest())));
    }

    private LinkState input(Optional<Input> input, InputModel model, Optional<LoopResult> loop) {
        if (input.isEmpty()) {
            return new LinkState(Link.INPUT, Mark.WRONG, "none", "not wired to any input");
        }
        String volts = loop.map(result -> Figures.volts(
                                model.volts(result.of(LoopCase.AT_REST).range().nominalOhms()))
                        + " across it")
                .orElse("voltage not known");
        return new LinkState(Link.INPUT, Mark.SOUND, job.nameOf(input.get()), volts);
    }

    private LinkState zone(Optional<Input> input, Optional<Input> instead, Optional<Zone> zone) {
        String number = input.map(used -> Text.of("%02d", used.zone())).orElse("none");
        if (zone.isEmpty() || zone.get().type() == ZoneType.NOT_USED) {
            return new LinkState(Link.ZONE, Mark.WRONG, number + " · off", "not monitored");
        }
        String figure = number + " · " + zone.get().type().words();
        if (instead.isPresent()) {
            return new LinkState(Link.ZONE, Mark.WRONG, figure, "read from " + job.nameOf(instead.get()));
        }
        return zone.get()
                .area()
                .map(area -> new LinkState(Link.ZONE, Mark.SOUND, figure, Text.of("area %02d", area)))
                .orElse(new LinkState(Link.ZONE, Mark.WRONG, figure, "no area"));
    }

    private LinkState event(Optional<Zone> zone, Optional<Signal> signal) {
        if (signal.isPresent()) {
            return new LinkState(
                    Link.EVENT, Mark.SOUND, eventFigure(signal.get().event()), address(signal.get()));
        }
        if (zone.filter(its -> its.type() == ZoneType.LOG_ONLY).isPresent()) {
            return new LinkState(Link.EVENT, Mark.SOUND, "log only", "nothing is sent, by choice");
        }
        String code = zone.map(Zone::event).orElse("");
        boolean accountMissing = !code.isEmpty() && zone.flatMap(Zone::area).isPresent();
        return new LinkState(
                Link.EVENT,
                accountMissing ? missing() : Mark.WRONG,
                code.isEmpty() ? "none" : eventFigure(code),
                accountMissing ? "no account" : "nothing is sent");
    }

    private String eventFigure(String code) {
        return code + " " + events.in(Terms.of(job.practice())).words(code);
    }

    private static String address(Signal signal) {
        return "#" + signal.account() + " · " + signal.areaDigits() + " · " + signal.zoneDigits();
    }

    private LinkState route() {
        List<Receiver> receivers = job.routeReceivers();
        if (receivers.isEmpty()) {
            return new LinkState(Link.ROUTE, missing(), "none", "no receiver to send to");
        }
        String backup = switch (receivers.size()) {
            case 1 -> "";
            case 2 -> ", and one more";
            default -> ", and " + (receivers.size() - 1) + " more";
        };
        String way = receivers.getFirst().format().overIp()
                ? "IP"
                : receivers.getFirst().format().words();
        if (!receivers.getFirst().reachable()) {
            return new LinkState(
                    Link.ROUTE,
                    Mark.NOT_DONE,
                    way,
                    receivers.getFirst().name()
                            + (receivers.getFirst().format().overIp() ? " has no address yet" : " has no number yet"));
        }
        return new LinkState(Link.ROUTE, Mark.SOUND, way, receivers.getFirst().name() + backup);
    }

    /// What reporting lacks is wrong once reporting has begun.
    private Mark missing() {
        return Begun.reporting(job) ? Mark.WRONG : Mark.NOT_DONE;
    }

    private static LinkState station(ProofState proof) {
        return switch (proof) {
            case ProofState.Never never -> new LinkState(Link.STATION, Mark.NOT_DONE, "never answered", "send it");
            case ProofState.NotRestored half ->
                new LinkState(Link.STATION, Mark.TIGHT, "alarm answered", "restore not seen");
            case ProofState.Proven proven ->
                new LinkState(
                        Link.STATION,
                        Mark.PROVEN,
                        "answered",
                        "in " + proven.proof().roundTripMillis() + " ms, and the restore");
            case ProofState.Stale stale -> new LinkState(Link.STATION, Mark.STALE, "was answered", stale.why());
        };
    }
}
