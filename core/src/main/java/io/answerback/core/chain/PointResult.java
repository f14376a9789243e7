package io.answerback.core.chain;

import io.answerback.core.cable.Cable;
import io.answerback.core.loop.DeviceState;
import io.answerback.core.loop.FittedLoop;
import io.answerback.core.loop.LoopResult;
import io.answerback.core.profile.InputModel;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.proof.ProofState;
import io.answerback.core.radio.Sender;
import io.answerback.core.site.Input;
import io.answerback.core.site.Link;
import io.answerback.core.site.Point;
import io.answerback.core.site.Zone;
import java.util.Map;
import java.util.Optional;

/// Everything computed about one zone point or system point.
///
/// @param pointId its id
/// @param name its name
/// @param wired what it is made of; empty for a system point
/// @param upstream the facts its answer rests on, for each link
/// @param proof how it stands with its proof
/// @param chain its seven links
public record PointResult(
        String pointId,
        String name,
        Optional<Wired> wired,
        Map<Link, Map<String, String>> upstream,
        ProofState proof,
        Chain chain) {
    /// The parts of a zone point.
    ///
    /// @param point the point, with the parts of the loop its contact lies in
    /// @param cable the cable of that loop; empty when none was run
    /// @param input its input; empty when it has none
    /// @param model how that input measures; the panel's own way when it has none
    /// @param zone that input's zone; empty when it was never programmed
    /// @param loop its loop as computed; empty without a cable or when the panel cannot read its scheme
    /// @param sender how the panel hears it by radio; empty for a point on wires to the panel
    public record Wired(
            Point point,
            Optional<Cable> cable,
            Optional<Input> input,
            InputModel model,
            Optional<Zone> zone,
            Optional<LoopResult> loop,
            Optional<Sender> sender) {
        /// Whether its device sends by radio itself, and so has neither loop nor cable.
        public boolean wireless() {
            return point.kind().radio();
        }

        /// Whether its zone is the second of two that share an input.
        public boolean second() {
            return input.filter(Input::second).isPresent();
        }

        /// The state of the loop when this point alone is active.
        public DeviceState active() {
            return second() ? DeviceState.SECOND_ACTIVE : DeviceState.ACTIVE;
        }

        /// What makes its loop; empty when it has no cable.
        public Optional<FittedLoop> fitted() {
            return cable.map(run -> FittedLoop.of(point, run));
        }
    }

    /// Whether its alarm and its restore were answered and nothing has changed since.
    public boolean proven() {
        return proof instanceof ProofState.Proven;
    }

    /// Whether its alarm is meant to reach a station at all.
    public boolean reported() {
        return wired.flatMap(Wired::zone)
                .filter(zone -> zone.type() == ZoneType.LOG_ONLY)
                .isEmpty();
    }

    /// The worst mark of the links from `first` to `last`.
    public Mark worst(Link first, Link last) {
        return chain.links().subList(first.ordinal(), last.ordinal() + 1).stream()
                .map(LinkState::mark)
                .reduce(PointResult::worse)
                .orElseThrow();
    }

    private static Mark worse(Mark one, Mark two) {
        return badness(one) >= badness(two) ? one : two;
    }

    private static int badness(Mark mark) {
        return switch (mark) {
            case PROVEN -> 0;
            case SOUND -> 1;
            case TIGHT -> 2;
            case STALE -> 3;
            case NOT_DONE -> 4;
            case WRONG -> 5;
        };
    }
}
