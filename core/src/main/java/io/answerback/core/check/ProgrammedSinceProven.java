package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.profile.Setting;
import io.answerback.core.profile.SettingScope;
import io.answerback.core.site.Job;
import io.answerback.core.site.Proof;
import io.answerback.core.site.Setup;
import io.answerback.core.site.Zone;
import java.util.Optional;
import java.util.stream.Stream;

/// A zone that was programmed again after its point was answered.
final class ProgrammedSinceProven implements JobRule {
    static final String RULE = "programmed-since-proven";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.points().stream().flatMap(point -> check(facts.job(), point));
    }

    private static Stream<Finding> check(Job job, PointResult point) {
        Optional<Proof> proof = job.proofOf(point.pointId());
        Optional<Zone> zone = point.wired().flatMap(PointResult.Wired::zone);
        return proof.isEmpty() || zone.isEmpty()
                ? Stream.empty()
                : job.setup().typed().stream()
                        .filter(typed -> typed.number() == zone.get().number()
                                && ofZone(job, typed)
                                && typed.skipped().isEmpty())
                        .filter(typed -> typed.at().isAfter(proof.get().answeredAt()))
                        .findFirst()
                        .map(typed -> finding(point, typed))
                        .stream();
    }

    private static boolean ofZone(Job job, Setup.Typed typed) {
        return job.panel()
                .profile()
                .setup()
                .setting(typed.setting())
                .map(Setting::scope)
                .filter(scope -> scope == SettingScope.ZONE)
                .isPresent();
    }

    private static Finding finding(PointResult point, Setup.Typed typed) {
        return Finding.of(
                RULE,
                Stop.SET_UP,
                Grade.TIGHT,
                point.pointId(),
                "Its zone was programmed again since it was answered",
                "\"%s\" was typed on %s: what was typed has never been seen at the station."
                        .formatted(typed.setting(), typed.at().toString().substring(0, 10)),
                "Send it once more.");
    }
}
