package io.answerback.core.loop;

import io.answerback.core.engine.memo.EveryPoint;
import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.FactOf;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.radio.RadioState;
import io.answerback.core.loop.radio.Sender;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableRun;
import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.Zone;
import java.util.List;
import java.util.Optional;

/// A zone point with everything that is wired to it, and its loop as computed.
///
/// @param point the point, with the parts of the loop its contact lies in
/// @param cable the cable of that loop; empty when none was run
/// @param input its input; empty when it has none
/// @param model how that input measures; the panel's own way when it has none
/// @param zone that input's zone; empty when it was never programmed
/// @param loop its loop as computed; empty without a cable of known length or when the panel cannot read its scheme
/// @param sender how the panel hears it by radio; empty for a point on wires to the panel
public record WiredPoint(
        Point point,
        Optional<Cable> cable,
        Optional<Input> input,
        InputModel model,
        Optional<Zone> zone,
        Optional<LoopResult> loop,
        Optional<Sender> sender) {
    /// The wired point of an id; empty for a system point, which the panel watches itself.
    public static final FactOf<PointId, Optional<WiredPoint>> FACT =
            FactOf.each("wired point", (facts, id) -> facts.point(id).map(point -> of(facts, point)));

    /// What is wired of every point, in the order of [EveryPoint#IDS].
    public static final Fact<List<Optional<WiredPoint>>> ALL = EveryPoint.GROUPS.all("wired points", FACT);

    private static final Fact<CheckedFaults> FAULTS =
            Fact.of("faults a loop is tried with", facts -> CheckedFaults.of(facts.practice()));
    private static final FactOf<PointId, Optional<LoopResult>> LOOP = FactOf.each("loop of a point", WiredPoint::loop);

    private static WiredPoint of(Facts facts, Point plain) {
        Point point = facts.onLoop(plain);
        Optional<Input> input = facts.inputOf(plain.id());
        return new WiredPoint(
                point,
                cable(facts, plain),
                input,
                model(facts, point, input),
                input.flatMap(used -> facts.zone(used.zone())),
                facts.of(LOOP, plain.id()),
                facts.of(RadioState.SENDER, plain.id()));
    }

    /// The run of the loop a point's contact lies in, as one cable.
    private static Optional<Cable> cable(Facts facts, Point point) {
        PointId owner = facts.loopOwner(point.id()).map(Point::id).orElse(point.id());
        return facts.cableRun(owner).map(CableRun::equivalent);
    }

    private static InputModel model(Facts facts, Point point, Optional<Input> input) {
        return input.isPresent()
                ? facts.inputModel(input)
                : facts.panel().profile().inputsReading(point.loop().scheme());
    }

    private static Optional<LoopResult> loop(Facts facts, PointId id) {
        Point plain = facts.point(id).orElseThrow();
        if (plain.kind().radio()) {
            return Optional.empty();
        }
        Point point = facts.onLoop(plain);
        InputModel model = model(facts, point, facts.inputOf(id));
        return cable(facts, plain)
                .filter(Cable::lengthKnown)
                .flatMap(run -> model.reads(point.loop().scheme())
                        .map(bands -> LoopCheck.check(
                                FittedLoop.of(point, run), BandChart.of(bands, model), facts.of(FAULTS))));
    }

    /// Whether its device sends by radio itself, and so has neither loop nor cable.
    public boolean wireless() {
        return point.kind().radio();
    }

    /// Whether it is fire or gas: by the kind of anything on its loop, by the survey or by what its zone was
    /// programmed as; the strictest counts.
    public boolean lifeSafety() {
        return point.has(kind -> kind.family().lifeSafety())
                || point.surveyed().type().lifeSafety()
                || zone.filter(its -> its.type().lifeSafety()).isPresent();
    }

    /// Whether somebody's safety hangs on it: fire, gas or a call for help, by whatever says so.
    public boolean vital() {
        return lifeSafety()
                || point.has(kind -> kind.family() == KindFamily.HOLD_UP)
                || point.surveyed().type().holdUp()
                || zone.filter(its -> its.type().holdUp()).isPresent();
    }

    /// Whether its zone is the second of two that share an input.
    public boolean second() {
        return input.filter(Input::second).isPresent();
    }

    /// The state of the loop when this point alone is active.
    public DeviceState active() {
        return second() ? DeviceState.SECOND_ACTIVE : DeviceState.ACTIVE;
    }

    /// What makes its loop; empty when it has no cable, or one whose length is not known.
    public Optional<FittedLoop> fitted() {
        return cable.filter(Cable::lengthKnown).map(run -> FittedLoop.of(point, run));
    }
}
