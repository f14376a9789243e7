package io.answerback.core.learn.question;

import io.answerback.core.learn.exercise.Judgement;
import io.answerback.core.learn.exercise.Reckoning;
import io.answerback.core.learn.exercise.Reckoning.Line;
import io.answerback.core.learn.exercise.Safeguard;
import io.answerback.core.learn.exercise.SiteWork;
import io.answerback.core.learn.exercise.Solution;
import io.answerback.core.learn.exercise.WorkStep;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Work for which a hand goes where it can be hurt: the answer is only carried out safely after what it needs
/// was done, in this order.
///
/// @param doing what the answer has done, as an order
/// @param needed what has to be done before it, in order
/// @param solution judges the answer
record SafeWork(String doing, List<Safeguard> needed, Solution solution) implements SiteWork {
    @Override
    public List<WorkStep> steps() {
        return Safeguard.steps();
    }

    @Override
    public String shows(List<String> before, String step) {
        step(step);
        return "done";
    }

    @Override
    public List<String> best() {
        return needed.stream().map(Safeguard::id).toList();
    }

    @Override
    public List<String> fitting(List<String> done) {
        return List.of();
    }

    @Override
    public Judgement judge(List<String> done, String answer) {
        Judgement bare = solution.judge(answer);
        List<String> unsafe = new ArrayList<>();
        needed.forEach(guard -> guard.missing(done, doing).ifPresent(unsafe::add));
        outOfOrder(done).ifPresent(unsafe::add);
        return new Judgement(bare.right(), unsafe, bare.solution(), bare.says(), Optional.of(reckoning(done)));
    }

    private Optional<String> outOfOrder(List<String> done) {
        List<String> order = best();
        List<String> kept = done.stream().filter(order::contains).distinct().toList();
        return kept.size() == order.size() && !kept.equals(order)
                ? Optional.of("The order was wrong. Right is: "
                        + String.join(
                                "; then: ",
                                needed.stream()
                                        .map(guard -> guard.step().words())
                                        .toList()) + ".")
                : Optional.empty();
    }

    private Reckoning reckoning(List<String> done) {
        return new Reckoning(minutes(done), minutes(best()), lines(done), lines(best()));
    }

    private List<Line> lines(List<String> steps) {
        return steps.stream()
                .map(this::step)
                .map(step -> new Line(
                        step.words(),
                        step.minutes(),
                        "done",
                        needed.stream().anyMatch(guard -> guard.id().equals(step.id())) ? "" : "not needed here"))
                .toList();
    }
}
